import { printMass, printVolume, type UnitSystem } from '@/core/quantity';
import { isCertain, whyInWords, type FitAnswer, type FitReason } from '@/core/fit';

/** An answer in a few words: `room by bulk, 62 % full`, `does not fit: Ground mat: 10 mm too long`. */
export function fitInWords(answer: FitAnswer, units: UnitSystem): string {
  const { laidOut, verdict } = answer;
  if (laidOut && laidOut.left.length > 0) {
    const left = laidOut.left.length;
    const first = answer.reasons.find((reason) => 'item' in reason && isCertain(reason));
    const stays = `${left} of ${left + laidOut.placed} stay outside`;
    return first && 'item' in first ? `${stays}: ${first.name} ${whyInWords(first, units)}` : stays;
  }
  const [reason] = answer.reasons;
  if (reason) return reasonInWords(reason, units);
  switch (verdict) {
    case 'only squeezed':
      return `only squeezed, ${fullness(answer)}`;
    case 'not known':
      return `not known: ${answer.unmeasured.length} without a size`;
    case 'all in':
      return `all in, laid out, ${fullness(answer)}`;
    default:
      return answer.looseMl === 0 ? 'empty' : `room by bulk, ${fullness(answer)}`;
  }
}

function reasonInWords(reason: FitReason, units: UnitSystem): string {
  if ('item' in reason) return `does not fit: ${reason.name}: ${whyInWords(reason, units)}`;
  return reason.why === 'over-full'
    ? `does not fit: ${printVolume(reason.byMl, units)} too much`
    : `too heavy by ${printMass(reason.byG, units)}`;
}

/** The share of the room that is taken, from pressed tight to as it lies. */
export function fullness({ tightMl, looseMl, roomMl }: FitAnswer): string {
  const tight = Math.round((tightMl / roomMl) * 100);
  const loose = Math.round((looseMl / roomMl) * 100);
  return tight === loose ? `${loose} % full` : `${tight} to ${loose} % full`;
}
