import { LabelledInput } from './labelled-input';

interface TypedProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
}

/** A day of the calendar as YYYY-MM-DD; empty where none is chosen. */
export function DayInput({ label, value, onChange }: TypedProps) {
  return (
    <LabelledInput
      label={label}
      width="160px"
      type="date"
      value={value}
      onChange={(event) => onChange(event.target.value)}
    />
  );
}

/** How many of something, as typed: {@link countTyped} reads it. */
export function CountInput({ label, value, onChange }: TypedProps) {
  return (
    <LabelledInput
      label={label}
      width="110px"
      inputMode="numeric"
      value={value}
      onChange={(event) => onChange(event.target.value)}
    />
  );
}

/** A whole number of up to four digits; null where that is none. */
export function countTyped(text: string): number | null {
  return /^\d{1,4}$/.test(text.trim()) ? Number(text) : null;
}
