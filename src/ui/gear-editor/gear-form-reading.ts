import {
  parseLength,
  parseMass,
  parseMoney,
  parseSize,
  parseVolume,
  says,
  whyNotDay,
  type Outcome,
} from '@/core/quantity';
import {
  amountRange,
  contentsWithin,
  longestNote,
  whyNotInRange,
  whyNotName,
  whyNotPlain,
  type Cavity,
  type Contents,
  type Form,
  type Gear,
  type Inside,
  type Supply,
  longestCaution,
  plainSupply,
  sortsOf,
  type Sort,
} from '@/core/gear';
import type { GearChange } from '@/core/loadout';
import { cautionsIn, parseCare, parseHarms } from './keeping-text';
import {
  formOf,
  type CavityRow,
  type FormProblems,
  type FormSetting,
  type GearForm,
  type SupplyRow,
} from './gear-form';

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
  const isFormTyped = (['shape', 'size', 'loose', 'tight'] as const).some(
    (field) => form[field] !== before[field],
  );
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
    form: isFormTyped ? readForm(reading, gear, form, setting) : gear.form,
    formTrust: isFormTyped ? 'stated' : gear.formTrust,
    priceMinor:
      form.price === before.price
        ? gear.priceMinor
        : reading.optional('price', form.price, (text) => parseMoney(text, setting.currency)),
    priceTrust: form.price === before.price ? gear.priceTrust : 'stated',
    contents: contentsOf(reading, gear, form, before, setting, massG),
    goodUntil: reading.day('goodUntil', form.goodUntil),
    look: { silhouette: form.silhouette, stuff: form.stuff, colour: form.colour },
    note: reading.note('note', form.note),
    spoiledBy: reading.required('spoiledBy', parseHarms(form.spoiledBy), []),
    failsIn: reading.required('failsIn', parseHarms(form.failsIn), []),
    care: reading.required('care', parseCare(form.care), []),
    cautions: readCautions(reading, form.cautions),
    supplies: form.supplies.map((row, at) => {
      const isTwice = form.supplies.slice(0, at).some(({ job }) => job === row.job);
      if (isTwice) reading.problems[`supplies.${at}.job`] = says.jobTwice(row.job);
      return readSupply(reading, gear, row, at);
    }),
    cavities: form.cavities.map((row, at) =>
      readCavity(reading, gear, row, at, before, setting, newId),
    ),
  };
  return Object.keys(reading.problems).length === 0
    ? { ok: true, change }
    : { ok: false, problems: reading.problems };
}

/** Reads fields one after the other and remembers what is wrong with each. */
class FormReading {
  readonly problems: Record<string, string> = {};

  required<T>(field: string, outcome: Outcome<T>, otherwise: T): T {
    if (outcome.ok) return outcome.value;
    this.problems[field] = outcome.problem.message;
    return otherwise;
  }

  optional(field: string, text: string, parse: (text: string) => Outcome<number>): number | null {
    return text.trim() === '' ? null : this.required<number | null>(field, parse(text), null);
  }

  whole(field: string, text: string): number {
    if (/^\d{1,5}$/.test(text.trim())) return Number(text);
    this.problems[field] = `“${text}” is not a whole number, like 1 or 12.`;
    return 0;
  }

  /** A figure of 0 or more, with a point or a comma. */
  amount(field: string, text: string): number {
    const value = text.trim() === '' ? NaN : Number(text.trim().replace(',', '.'));
    if (Number.isFinite(value) && value >= 0) return value;
    this.problems[field] = `“${text}” is not a number of 0 or more, like 15.`;
    return 1;
  }

  name(field: string, text: string): string {
    const why = whyNotName(text);
    if (why) this.problems[field] = says.name(why);
    return text.trim();
  }

  /** A day, or none. */
  day(field: string, text: string): string | null {
    if (text === '') return null;
    const why = whyNotDay(text);
    if (why) this.problems[field] = says.noDay(text, why);
    return text;
  }

  note(field: string, text: string): string {
    const why = whyNotPlain(text, longestNote);
    if (why) this.problems[field] = says.note(why);
    return text;
  }
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

function readForm(
  reading: FormReading,
  gear: Gear,
  form: GearForm,
  setting: FormSetting,
): Form | null {
  const upright = gear.form !== null && gear.form.shape !== 'soft' && gear.form.upright;
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
      const was = gear.form?.shape === 'soft' ? gear.form : { thinnestMm: 0, longestRigidMm: 0 };
      return {
        shape: 'soft',
        looseMl,
        tightMl,
        thinnestMm: was.thinnestMm,
        longestRigidMm: was.longestRigidMm,
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

function readSupply(reading: FormReading, gear: Gear, row: SupplyRow, at: number): Supply {
  const was = row.was === null ? undefined : gear.supplies[row.was];
  const amount = row.amount.trim() === '' ? null : Number(row.amount.replace(',', '.'));
  if (amount !== null && !Number.isFinite(amount)) {
    reading.problems[`supplies.${at}.amount`] = `“${row.amount}” is not a number, like 15.`;
  }
  const isNumber = amount !== null && Number.isFinite(amount);
  const why = isNumber ? whyNotInRange(amount, amountRange(row.job)) : null;
  if (why) reading.problems[`supplies.${at}.amount`] = says.figure('How much it does', why);
  const kept = was?.job === row.job ? was : plainSupply(row.job, row.fitness, amount);
  const hasSort = row.sort !== '' && sortsOf[row.job]?.includes(row.sort);
  return { ...kept, fitness: row.fitness, amount, sort: hasSort ? (row.sort as Sort) : null };
}

function readCavity(
  reading: FormReading,
  gear: Gear,
  row: CavityRow,
  at: number,
  before: GearForm,
  setting: FormSetting,
  newId: () => string,
): Cavity {
  const was = row.was === null ? undefined : gear.cavities[row.was];
  const isUntouched = was !== undefined && row.inside === before.cavities[row.was!]!.inside;
  const inside = isUntouched ? was.inside : readInside(reading, row.inside, at, setting);
  return {
    id: was?.id ?? newId(),
    name: reading.name(`cavities.${at}.name`, row.name),
    inside,
    mouth: was?.mouth ?? { shape: 'section' },
    mostMassG: was?.mostMassG ?? null,
    waterproof: row.waterproof,
    reach: row.reach,
  };
}

/** A size makes rigid walls, a volume soft ones; a soft one may name its longest side: `22 L, 450 mm`. */
function readInside(reading: FormReading, text: string, at: number, setting: FormSetting): Inside {
  const size = parseSize(text, setting.units === 'metric' ? 'mm' : 'in');
  if (size.ok) {
    const [first, second, third] = size.value.sidesMm;
    return third === undefined
      ? { shape: 'cylinder', diameterMm: first, heightMm: second }
      : { shape: 'box', lengthMm: first, widthMm: second, heightMm: third };
  }
  const [volumeText = '', longestText] = text.split(/[,;]\s+/);
  const volume = parseVolume(volumeText, volumeUnit(setting));
  if (!volume.ok || volume.value <= 0) {
    reading.problems[`cavities.${at}.inside`] =
      `“${text}” is neither a size like 95x61x21 mm nor a volume like 22 L, 450 mm.`;
    return { shape: 'soft', volumeMl: 1, longestMm: 1, bulgeShare: 0 };
  }
  const longestMm =
    longestText === undefined
      ? 2.5 * 10 * Math.cbrt(volume.value)
      : reading.required(`cavities.${at}.inside`, parseLength(longestText, 'mm'), 1);
  return { shape: 'soft', volumeMl: volume.value, longestMm, bulgeShare: 0 };
}

function massUnit({ units }: FormSetting): 'g' | 'oz' {
  return units === 'metric' ? 'g' : 'oz';
}

function volumeUnit({ units }: FormSetting): 'ml' | 'fl oz' {
  return units === 'metric' ? 'ml' : 'fl oz';
}
