import { says, whyNotDay, type Outcome } from '@/core/quantity';
import { longestNote, whyNotName, whyNotPlain } from '@/core/gear';
import type { FormSetting } from './gear-form';

/** Reads fields one after the other and remembers what is wrong with each. */
export class FormReading {
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

/** The unit of a bare mass. */
export function massUnit({ units }: FormSetting): 'g' | 'oz' {
  return units === 'metric' ? 'g' : 'oz';
}

/** The unit of a bare volume. */
export function volumeUnit({ units }: FormSetting): 'ml' | 'fl oz' {
  return units === 'metric' ? 'ml' : 'fl oz';
}
