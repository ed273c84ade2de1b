import { monthNames } from '@/core/quantity';
import { daysBetween } from '@/core/quantity';

/** `March 2027`, of `2027-03`. */
export function monthInWords(month: string): string {
  return `${monthNames[Number(month.slice(5, 7)) - 1]} ${month.slice(0, 4)}`;
}

/** `Mar`, of `2027-03`. */
export function shortMonth(month: string): string {
  return monthNames[Number(month.slice(5, 7)) - 1]!.slice(0, 3);
}

/** How long ago or how soon a day is: `73 days ago`, `today`, `in 3 months`. */
export function fromToday(day: string, today: string): string {
  const days = daysBetween(today, day);
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days === -1) return 'yesterday';
  const far = Math.abs(days);
  const words = far < 90 ? `${far} days` : `${Math.round(far / 30.44)} months`;
  return days < 0 ? `${words} ago` : `in ${words}`;
}
