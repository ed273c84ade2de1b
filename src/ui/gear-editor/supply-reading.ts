import { says } from '@/core/quantity';
import {
  amountRange,
  jobs,
  plainSupply,
  sortsOf,
  usualDemands,
  usualMissing,
  whyNotInRange,
  type Gear,
  type Sort,
  type Supply,
} from '@/core/gear';
import { demandsText, parseDemands } from './demands-text';
import type { FormReading } from './form-reading';
import type { GearForm, SupplyRow } from './gear-form';

/** What a row of the form says that a piece does, or what is wrong with it. */
export function readSupply(
  reading: FormReading,
  gear: Gear,
  row: SupplyRow,
  at: number,
  before: GearForm,
): Supply {
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
  return {
    ...kept,
    fitness: row.fitness,
    amount,
    sort: hasSort ? (row.sort as Sort) : null,
    demands: readDemands(reading, row, at, before),
    needsBothHands: row.bothHands === 'yes',
    part: row.part.trim() === '' ? null : reading.name(`supplies.${at}.part`, row.part),
  };
}

/** What a supply relies on. Less than its job usually asks is believed where it was so before, or where a reason is given. */
function readDemands(
  reading: FormReading,
  row: SupplyRow,
  at: number,
  before: GearForm,
): Supply['demands'] {
  const was = row.was === null ? undefined : before.supplies[row.was];
  // Another job asks for other things: what the one before asked is not taken over.
  if (was && was.job !== row.job && was.relies === row.relies) return usualDemands[row.job] ?? [];
  const demands = reading.required(`supplies.${at}.relies`, parseDemands(row.relies), []);
  const isAsBefore = was?.job === row.job && was.relies === row.relies;
  const missing = isAsBefore ? [] : usualMissing(row.job, demands);
  if (missing.length > 0 && row.because.trim() === '') {
    reading.problems[`supplies.${at}.because`] =
      `“${jobs[row.job].name}” usually relies on ${demandsText(missing)}: put it back, or say why not.`;
  }
  return demands;
}
