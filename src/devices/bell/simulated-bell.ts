import type { Bell } from './bell';

/** A bell inside the application: it stands in for that of a phone, and hands what it rings to whoever shows it. */
export function simulatedBell(show: (text: string) => void): Bell {
  return {
    ask: () => Promise.resolve(true),
    ring: (title, line) => show(`${title}: ${line}`),
  };
}
