import { plainly, quoted } from './quoted';
import type { Sentences } from './outcome';

/** What keeps a model from being worked. */
export const modelSays = {
  noModel: (name: string, names: string) =>
    `There is no model ${quoted(name)}, but ${plainly(names, 600)}.`,
  noInput: (input: string, model: string, names: string) =>
    `${quoted(input)} is no input of ${plainly(model)}; its inputs are ${plainly(names, 300)}.`,
  inputMissing: (input: string, what: string) =>
    `${quoted(input)} is missing; it is ${plainly(what, 400)}.`,
  inputNot: (input: string, is: string, what: string) =>
    `${quoted(input)} is ${plainly(is, 80)}; it must be ${plainly(what, 400)}.`,
  inputImpossible: (input: string, is: string, why: string, what: string) =>
    `${quoted(input)} is ${plainly(is, 80)}, which ${plainly(why, 120)}; it must be ${plainly(what, 400)}.`,
  inputsNoObject: (is: string) =>
    `The inputs are ${plainly(is, 80)}; they must be one object, as {"tempC": -10}.`,
} as const satisfies Sentences;
