import { parseLength, parseMass, parseSize, parseVolume } from '@/core/quantity';
import type { Cavity, Gear, Inside, Mouth } from '@/core/gear';
import { massUnit, volumeUnit, type FormReading } from './form-reading';
import type { CavityRow, FormSetting, GearForm } from './gear-form';

/** A space as a row of the form says it, or what is wrong with it. `newId` names a new one. */
export function readCavity(
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
    mouth:
      was !== undefined && row.mouth === before.cavities[row.was!]!.mouth
        ? was.mouth
        : readMouth(reading, row.mouth, at, setting),
    mostMassG:
      was !== undefined && row.most === before.cavities[row.was!]!.most
        ? was.mostMassG
        : reading.optional(`cavities.${at}.most`, row.most, (text) =>
            parseMass(text, massUnit(setting)),
          ),
    closure: row.closure === '' ? null : row.closure,
    waterproof: row.waterproof === 'yes',
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

/** One length is a round mouth, two are a slot, none opens over the whole section. */
function readMouth(reading: FormReading, text: string, at: number, setting: FormSetting): Mouth {
  if (text.trim() === '') return { shape: 'section' };
  const unit = setting.units === 'metric' ? 'mm' : 'in';
  const size = parseSize(text, unit);
  if (size.ok && size.value.sidesMm.length === 2) {
    const [lengthMm, widthMm] = size.value.sidesMm;
    return { shape: 'slot', lengthMm, widthMm };
  }
  const diameterMm = reading.required(`cavities.${at}.mouth`, parseLength(text, unit), 1);
  return { shape: 'round', diameterMm };
}
