import type { Range } from '../gear';

/** One figure that a model is given, what it may be, and what it is taken for where nothing is said. */
export type ModelInput =
  | NumberInput
  | { readonly of: 'choice'; readonly choices: readonly string[]; readonly byDefault?: string }
  | { readonly of: 'day' };

interface NumberInput {
  readonly of: 'number';
  readonly unit: string;
  /** What is possible at all; where the model itself holds is the model’s to say. */
  readonly range: Range;
  readonly byDefault?: number;
}

export type ModelInputs = Readonly<Record<string, ModelInput>>;

export type InputValue = number | string;

export type ValuesOf<Inputs extends ModelInputs> = {
  readonly [Name in keyof Inputs]: Inputs[Name] extends { readonly of: 'number' }
    ? number
    : Inputs[Name] extends { readonly choices: readonly (infer Choice)[] }
      ? Choice
      : string;
};

/** What a model says: null where it does not apply, and then a note why. */
export interface ModelAnswer<Value> {
  readonly value: Value | null;
  readonly note: string | null;
}

/** What a model works out of its inputs: one figure, or several under their names. */
export type ModelValue = number | object;

/** A figure that can be worked again: its formula, what goes in, where it is from. */
export interface Model<
  Inputs extends ModelInputs = ModelInputs,
  Value extends ModelValue = ModelValue,
> {
  readonly name: string;
  readonly unit: string;
  readonly formula: string;
  readonly source: string;
  readonly inputs: Inputs;
  readonly work: (inputs: ValuesOf<Inputs>) => ModelAnswer<Value>;
}

/** A model as it is written in its file: its inputs and values keep their types. */
export function modelOf<const Inputs extends ModelInputs, Value extends ModelValue>(
  model: Model<Inputs, Value>,
): Model<Inputs, Value> {
  return model;
}

export function answer<Value>(value: Value, note: string | null = null): ModelAnswer<Value> {
  return { value, note };
}

/** The model does not apply, and why. */
export function noAnswer(note: string): ModelAnswer<never> {
  return { value: null, note };
}

/** A number from `least` to `most` in its unit, both counted in. */
export function from(least: number, most: number, unit: string) {
  return { of: 'number', unit, range: { least, most } } as const;
}

/** A number of 0 or more in its unit. */
export function upToMost(most: number, unit: string) {
  return from(0, most, unit);
}

/** The same, taken for so much where nothing is said. */
export function unlessSaid<Input extends NumberInput>(input: Input, byDefault: number) {
  return { ...input, byDefault } as const;
}

export function oneOf<const Choices extends readonly string[]>(...choices: Choices) {
  return { of: 'choice', choices } as const;
}

export const yesOrNo = oneOf('yes', 'no');

/** Temperatures that anything outdoors may have, in °C. */
export const airC = from(-90, 60, '°C');

/** What most masses of people are, in kg. */
export const personKg = from(2, 350, 'kg');

export const people = {
  of: 'number',
  unit: 'people',
  range: { least: 1, most: 1000, isWhole: true },
} as const;

/** Where on the ball, in degrees; south and west are below 0. */
export const latitudes = from(-90, 90, '°');
export const longitudes = from(-180, 180, '°');

/** Above the sea, in m: from the shore of the lowest lake to the highest peak. */
export const altitudes = from(-450, 9000, 'm');
