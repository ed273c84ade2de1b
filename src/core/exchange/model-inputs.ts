import { done, refused, shown, type Outcome } from '../quantity';
import { modelSays } from '../refusals/models';
import { parseJson } from './json-text';
import { whyTooLarge } from './limits';

/** Inputs of a model lie flat. */
const mostDepth = 2;

/** Reads the inputs of a model: one JSON object. What they may be is the model’s to say. */
export function readModelInputs(text: string): Outcome<Readonly<Record<string, unknown>>> {
  const tooLarge = whyTooLarge(text.length);
  if (tooLarge) return refused(tooLarge);
  const parsed = parseJson(text, mostDepth);
  if (!parsed.ok) return parsed;
  const { value } = parsed;
  if (typeof value !== 'object' || value === null || Array.isArray(value)) {
    return refused(modelSays.inputsNoObject(shown(value)));
  }
  return done(value as Readonly<Record<string, unknown>>);
}
