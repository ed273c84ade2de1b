import {
  done,
  parseLength,
  parseMass,
  parseMoney,
  parseSize,
  parseVolume,
  refused,
  says,
  type Outcome,
} from '@/core/quantity';
import {
  contentsWithin,
  jobs,
  longestCaution,
  whyNotPlain,
  type Contents,
  type Form,
  type Gear,
} from '@/core/gear';
import type { GearChange } from '@/core/loadout';
import { readCavity } from './cavity-reading';
import { FormReading, massUnit, volumeUnit } from './form-reading';
import { formOf, type FormProblems, type FormSetting, type GearForm } from './gear-form';
import { cautionsIn, parseCare, parseHarms } from './keeping-text';
import { readSupply } from './supply-reading';

/** The change to `gear` that the form asks for, or what is wrong with it. `newId` names new cavities. */
export function changeOf(
  gear: Gear,
  form: GearForm,
  setting: FormSetting,
  newId: () => string,
):
  | { readonly ok: true; readonly change: GearChange }
  | { readonly ok: false; readonly problems: FormProblems } {
  const before = formOf(gear, setting);
  const reading = new FormReading();
  const isMassTyped = form.mass !== before.mass;
  const isFormTyped = (
    ['shape', 'size', 'upright', 'loose', 'tight', 'thinnest', 'longestRigid'] as const
  ).some((field) => form[field] !== before[field]);
  const massG = isMassTyped
    ? reading.optional('mass', form.mass, (text) => parseMass(text, massUnit(setting)))
    : gear.massG;
  const change: GearChange = {
    name: reading.name('name', form.name),
    count: reading.whole('count', form.count),
    ownership: form.ownership,
    tier: form.tier,
    lentTo: form.lentTo.trim() === '' ? null : reading.name('lentTo', form.lentTo),
    isShared: form.isShared === 'yes',
    massG,
    massTrust: isMassTyped ? 'stated' : gear.massTrust,
    form: isFormTyped ? readForm(reading, form, setting) : gear.form,
    formTrust: isFormTyped ? 'stated' : gear.formTrust,
    priceMinor:
      form.price === before.price
        ? gear.priceMinor
        : reading.optional('price', form.price, (text) => parseMoney(text, setting.currency)),
    priceTrust: form.price === before.price ? gear.priceTrust : 'stated',
    contents: contentsOf(reading, gear, form, before, setting, massG),
    goodUntil: reading.day('goodUntil', form.goodUntil),
    bearsN:
      form.bears === before.bears ? gear.bearsN : reading.optional('bears', form.bears, parseLoad),
    mostLoadG:
      form.mostLoad === before.mostLoad
        ? gear.mostLoadG
        : reading.optional('mostLoad', form.mostLoad, (text) => parseMass(text, massUnit(setting))),
    look: { silhouette: form.silhouette, stuff: form.stuff, colour: form.colour },
    note: reading.note('note', noteWith(form)),
    spoiledBy: reading.required('spoiledBy', parseHarms(form.spoiledBy), []),
    failsIn: reading.required('failsIn', parseHarms(form.failsIn), []),
    care: reading.required('care', parseCare(form.care), []),
    cautions: readCautions(reading, form.cautions),
    supplies: form.supplies.map((row, at) => {
      const isTwice = form.supplies.slice(0, at).some(({ job }) => job === row.job);
      if (isTwice) reading.problems[`supplies.${at}.job`] = says.jobTwice(row.job);
      return readSupply(reading, gear, row, at, before);
    }),
    cavities: form.cavities.map((row, at) =>
      readCavity(reading, gear, row, at, before, setting, newId),
    ),
  };
  return Object.keys(reading.problems).length === 0
    ? { ok: true, change }
    : { ok: false, problems: reading.problems };
}

/** What is in it as typed; as it was, it is no heavier than a piece that became lighter. */
function contentsOf(
  reading: FormReading,
  gear: Gear,
  form: GearForm,
  before: GearForm,
  setting: FormSetting,
  massG: number | null,
): Contents | null {
  const contents = readContents(reading, gear, form, before, setting);
  if (contents === gear.contents) return contentsWithin(contents, massG);
  if (contents !== null && massG !== null && contents.massG > massG) {
    reading.problems.contentsMass = says.contentsHeavierThanPiece();
  }
  return contents;
}

function readContents(
  reading: FormReading,
  gear: Gear,
  form: GearForm,
  before: GearForm,
  setting: FormSetting,
): Contents | null {
  if (form.unit === '') return null;
  const isTyped = (['unit', 'full', 'left', 'contentsMass'] as const).some(
    (field) => form[field] !== before[field],
  );
  if (!isTyped) return gear.contents;
  const full = reading.amount('full', form.full);
  const left = form.left.trim() === '' ? full : reading.amount('left', form.left);
  if (full <= 0) reading.problems.full = 'A full one holds more than nothing.';
  if (left > full) reading.problems.left = 'No more can be left than a full one holds.';
  const massG =
    reading.optional('contentsMass', form.contentsMass, (text) =>
      parseMass(text, massUnit(setting)),
    ) ?? 0;
  return { unit: form.unit, full, left, massG };
}

function readForm(reading: FormReading, form: GearForm, setting: FormSetting): Form | null {
  const upright = form.upright === 'yes';
  switch (form.shape) {
    case 'unknown':
      return null;
    case 'soft': {
      const looseMl = reading.required('loose', parseVolume(form.loose, volumeUnit(setting)), 1);
      const tightMl =
        reading.optional('tight', form.tight, (text) => parseVolume(text, volumeUnit(setting))) ??
        looseMl;
      if (tightMl > looseMl)
        reading.problems.tight = 'Pressed tight it cannot take more than as it lies.';
      if (looseMl <= 0 || tightMl <= 0)
        reading.problems.loose = 'Something takes some room: write more than 0.';
      const length = (field: 'thinnest' | 'longestRigid') =>
        reading.optional(field, form[field], (text) =>
          parseLength(text, setting.units === 'metric' ? 'mm' : 'in'),
        ) ?? 0;
      return {
        shape: 'soft',
        looseMl,
        tightMl,
        thinnestMm: length('thinnest'),
        longestRigidMm: length('longestRigid'),
      };
    }
    case 'box':
    case 'cylinder': {
      const wanted = form.shape === 'box' ? 3 : 2;
      const size = parseSize(form.size, setting.units === 'metric' ? 'mm' : 'in');
      const sides: readonly number[] = size.ok ? size.value.sidesMm : [];
      if (!size.ok) reading.problems.size = size.problem.message;
      else if (sides.length !== wanted) {
        reading.problems.size =
          wanted === 3
            ? 'A box has three sides, like 90x60x38 mm.'
            : 'A cylinder has a diameter and a height, like 90x200 mm.';
      }
      const [first = 1, second = 1, third = 1] = sides;
      return wanted === 3
        ? { shape: 'box', lengthMm: first, widthMm: second, heightMm: third, upright }
        : { shape: 'cylinder', diameterMm: first, heightMm: second, upright };
    }
  }
}

function readCautions(reading: FormReading, text: string): readonly string[] {
  const cautions = cautionsIn(text);
  const why = cautions
    .map((line) => whyNotPlain(line, longestCaution))
    .find((each) => each !== null);
  if (why) reading.problems.cautions = says.nameOf('A caution', why);
  return cautions;
}

/** The note, with why a job relies on less than it usually does. */
function noteWith({ note, supplies }: GearForm): string {
  const reasons = supplies
    .filter(({ because }) => because.trim() !== '')
    .map(({ job, because }) => `${jobs[job].name}: ${because.trim()}`)
    .filter((reason) => !note.includes(reason));
  return [note.trim(), ...reasons].filter((part) => part !== '').join('\n');
}

/** A load in newtons, or the mass that hangs there: `2 kN`, `1500 N`, `150 kg`. */
function parseLoad(text: string): Outcome<number> {
  const newtons = /^\s*([\d.,]+)\s*(k?N)\s*$/i.exec(text);
  if (newtons) {
    const value = Number(newtons[1]!.replace(',', '.')) * (/^k/i.test(newtons[2]!) ? 1000 : 1);
    return Number.isFinite(value)
      ? done(value)
      : refused(`“${text}” is no load like 2 kN or 150 kg.`);
  }
  const mass = parseMass(text, 'kg');
  return mass.ok ? done(Math.round((mass.value / 1000) * newtonsPerKg * 10) / 10) : mass;
}

/** Standard gravity, m/s². */
const newtonsPerKg = 9.80665;
