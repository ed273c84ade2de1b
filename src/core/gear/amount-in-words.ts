import { printNumber, printVolume, type UnitSystem } from '../quantity';
import { jobs, type JobId } from './jobs';

/** So much of a job, with its unit: `1.2 L`, `8000 strikes`. */
export function amountInWords(job: JobId, amount: number, units: UnitSystem): string {
  const { unit } = jobs[job];
  return unit === 'mL'
    ? printVolume(amount, units)
    : `${printNumber(amount, 1)} ${unit ?? ''}`.trim();
}
