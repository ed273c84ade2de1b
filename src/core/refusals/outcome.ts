/** What went wrong, in words for the person who typed or brought it. */
export interface Problem {
  /** The field it is about, as a path in a file or a field's name; null where there is only one. */
  readonly field: string | null;
  readonly message: string;
}

/** The result of something that can fail for reasons of its input. */
export type Outcome<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: Problem };

export function done<T>(value: T): Outcome<T> {
  return { ok: true, value };
}

export function refused(message: string, field: string | null = null): Outcome<never> {
  return { ok: false, problem: { field, message } };
}

/** Refusals by what each says: every one makes a sentence of what it is about. */
export type Sentences = Readonly<Record<string, (...of: never[]) => string>>;
