import { printLength, printMass, printVolume, type UnitSystem } from '@/core/quantity';
import { openingInWords, type FitAnswer } from '@/core/fit';

/** An answer in a few words: `room by bulk, 62 % full`, `does not fit: 10 mm too long`. */
export function fitInWords(answer: FitAnswer, units: UnitSystem): string {
  const [reason] = answer.reasons;
  if (reason) {
    switch (reason.why) {
      case 'too long':
        return `does not fit: ${reason.name} is ${printLength(reason.byMm, units)} too long`;
      case 'stands out':
        return `does not fit: ${reason.name} stands ${printLength(reason.byMm, units)} out`;
      case 'too wide':
        return `does not fit: ${reason.name} needs ${openingInWords(reason.needsMm, units)}, the mouth is ${openingInWords(reason.mouthMm, units)}`;
      case 'too much':
        return `does not fit: ${printVolume(reason.byMl, units)} too much`;
      case 'too heavy':
        return `too heavy by ${printMass(reason.byG, units)}`;
    }
  }
  switch (answer.verdict) {
    case 'only squeezed':
      return `only squeezed, ${fullness(answer)}`;
    case 'not known':
      return `not known: ${answer.unmeasured.length} without a size`;
    default:
      return answer.looseMl === 0 ? 'empty' : `room by bulk, ${fullness(answer)}`;
  }
}

/** The share of the room that is taken, from pressed tight to as it lies. */
export function fullness({ tightMl, looseMl, roomMl }: FitAnswer): string {
  const tight = Math.round((tightMl / roomMl) * 100);
  const loose = Math.round((looseMl / roomMl) * 100);
  return tight === loose ? `${loose} % full` : `${tight} to ${loose} % full`;
}
