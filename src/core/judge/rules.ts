import { briefRule } from './brief-rules';
import { allWaysInOne, nothingDoesIt } from './cover';
import type { Rule } from './finding';
import { doesNotFit, holderLoad, notStowed, overMass, overPrice } from './stow';
import { away, careDue, cellsMissing, notThere, pastTheirDate, placedTwice } from './upkeep';

/** A rule with its figures known to itself alone, so that rules of all sorts stand in one list. */
function rule<Figures>(each: Rule<Figures>): Rule {
  return each as Rule;
}

export const rules: readonly Rule[] = [
  rule(nothingDoesIt),
  rule(allWaysInOne),
  rule(briefRule),
  rule(doesNotFit),
  rule(overMass),
  rule(overPrice),
  rule(holderLoad),
  rule(placedTwice),
  rule(cellsMissing),
  rule(pastTheirDate),
  rule(careDue),
  rule(away),
  rule(notThere),
  rule(notStowed),
];
