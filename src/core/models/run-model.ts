import { whyNotInRange } from '../gear';
import { done, refused, shown, whyNotDay, type Outcome } from '../quantity';
import { modelSays } from '../refusals/models';
import type { InputValue, Model, ModelInput, ModelValue } from './model';
import { models } from './models';

/** A figure with all that is needed to work it again. */
export interface Worked {
  readonly model: string;
  readonly value: ModelValue | null;
  readonly unit: string;
  readonly formula: string;
  readonly inputs: Readonly<Record<string, InputValue>>;
  readonly source: string;
  readonly note: string | null;
}

/** What a model is asked for, as `acorn model list` tells it. */
export function modelsInWords() {
  return models.map(({ name, unit, formula, source, inputs }) => ({
    model: name,
    unit,
    formula,
    source,
    inputs: Object.fromEntries(
      Object.entries(inputs).map(([input, spec]) => [input, inputInWords(spec)]),
    ),
  }));
}

/** Works a model by its name on inputs from outside; refuses, naming it, an input that is missing, unknown or impossible. */
export function runModel(name: string, given: Readonly<Record<string, unknown>>): Outcome<Worked> {
  const model = models.find((each) => each.name === name);
  if (!model) return refused(modelSays.noModel(name, models.map((each) => each.name).join(', ')));
  const unknown = Object.keys(given).find((input) => !Object.hasOwn(model.inputs, input));
  if (unknown !== undefined) {
    const names = Object.keys(model.inputs).join(', ');
    return refused(modelSays.noInput(unknown, name, names), unknown);
  }
  const inputs = new Map<string, InputValue>();
  for (const [input, spec] of Object.entries(model.inputs)) {
    const read = readInput(input, Object.hasOwn(given, input) ? given[input] : undefined, spec);
    if (!read.ok) return read;
    inputs.set(input, read.value);
  }
  return done(workedBy(model, Object.fromEntries(inputs)));
}

/** A model worked on inputs that are known to be sound. */
export function workedBy(model: Model, inputs: Readonly<Record<string, InputValue>>): Worked {
  const { value, note } = model.work(inputs as never);
  const { name, unit, formula, source } = model;
  return { model: name, value: hundredThousandths(value), unit, formula, inputs, source, note };
}

/** Nobody measures further than five places, and sums of halves should not end in 0000001. */
function hundredThousandths(value: ModelValue | null): ModelValue | null {
  return typeof value === 'number' ? Math.round(value * 1e5) / 1e5 : value;
}

function readInput(input: string, value: unknown, spec: ModelInput): Outcome<InputValue> {
  const what = inputInWords(spec);
  const not = () => refused(modelSays.inputNot(input, shown(value), what), input);
  const impossible = (why: string) =>
    refused(modelSays.inputImpossible(input, shown(value), why, what), input);
  if (value === undefined) {
    const byDefault = 'byDefault' in spec ? spec.byDefault : undefined;
    return byDefault === undefined
      ? refused(modelSays.inputMissing(input, what), input)
      : done(byDefault);
  }
  switch (spec.of) {
    case 'number': {
      if (typeof value !== 'number') return not();
      const why = whyNotInRange(value, spec.range);
      return why === null ? done(value) : impossible(why);
    }
    case 'choice': {
      const choice = spec.choices.find((each) => alike(each) === alike(value));
      return choice === undefined ? not() : done(choice);
    }
    case 'day': {
      if (typeof value !== 'string') return not();
      const why = whyNotDay(value);
      return why === null ? done(value) : impossible(why);
    }
  }
}

/** Choices are told apart by their letters and digits: `far-inland` is `far inland`, and true is yes. */
function alike(value: unknown): string | null {
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return typeof value === 'string'
    ? value
        .toLowerCase()
        .replace(/[\s_-]+/g, ' ')
        .trim()
    : null;
}

function inputInWords(spec: ModelInput): string {
  switch (spec.of) {
    case 'day':
      return 'a day like 2026-09-24';
    case 'choice':
      return `one of ${spec.choices.join(', ')}${spec.byDefault === undefined ? '' : ` (${spec.byDefault} unless said)`}`;
    case 'number': {
      const { least, most, isWhole } = spec.range;
      const unless = spec.byDefault === undefined ? '' : ` (${spec.byDefault} unless said)`;
      return `a ${isWhole ? 'whole ' : ''}number from ${least} to ${most}, ${spec.unit}${unless}`;
    }
  }
}
