import { lotDays, type Lot } from '@/core/gear';

/** What the days of a lot are called. */
export const dayNames: Readonly<Record<(typeof lotDays)[number], string>> = {
  cameOn: 'Made or bought',
  goodUntil: 'Printed date',
  openedOn: 'Opened',
  filledOn: 'Filled or charged',
  checkedOn: 'Looked at',
  storedOn: 'Lies there since',
};

/** The days that are known of a lot: `printed date 2027-04-30, opened 2026-11-02`. Empty where none is. */
export function daysInWords(lot: Lot): string {
  return lotDays
    .flatMap((day) => (lot[day] === null ? [] : [`${dayNames[day].toLowerCase()} ${lot[day]}`]))
    .join(', ');
}
