import { dayAfter, daysBetween, inYear, monthsAfter } from '../../src/core/quantity/calendar';

/** Days worked out in whatever time zone this program is run in, for who compares them. */
const worked = {
  'a day at the end of a month': dayAfter('2027-01-31', 1),
  'a day that a zone left out': dayAfter('2011-12-29', 1),
  'over a change of the clock in spring': daysBetween('2027-03-27', '2027-03-29'),
  'over a change of the clock at midnight': dayAfter('2026-09-05', 1),
  'over a change of the clock in autumn': daysBetween('2027-10-30', '2027-11-01'),
  'to the last of February': monthsAfter('2027-08-31', 6),
  'to the last of a shorter month': monthsAfter('2027-10-31', 1),
  'to a leap day’s month': monthsAfter('2028-02-29', 12),
  'a year before a leap day': inYear('2028-02-29', -1),
  'backwards over a new year': dayAfter('2027-01-01', -1),
  'a leap year’s days': daysBetween('2028-01-01', '2029-01-01'),
};

process.stdout.write(JSON.stringify(worked));
