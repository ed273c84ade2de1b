import * as body from './body';
import { briefRule } from './brief-rules';
import * as cover from './cover';
import type { Rule } from './finding';
import * as fire from './fire';
import * as food from './food';
import * as harm from './harm';
import { holderTakes } from './holder';
import * as keeping from './keeping';
import * as light from './light';
import * as lying from './lying';
import { needShort } from './need-short';
import { plugFitsNothing } from './power';
import * as roof from './roof';
import * as sleep from './sleep';
import * as stow from './stow';
import * as thrift from './thrift-rules';
import * as upkeep from './upkeep';
import * as warm from './warm';
import * as water from './water';
import * as wayAndSeen from './way-and-seen';
import { failsInWhatIf } from './what-if';
import * as work from './work';

/** A rule with its figures known to itself alone, so that rules of all sorts stand in one list. */
function rule<Figures>(each: Rule<Figures>): Rule {
  return each as Rule;
}

/** Every rule, in the order in which the list of rules tells them. */
export const rules: readonly Rule[] = [
  rule(needShort),
  rule(cover.nothingDoesIt),
  rule(cover.tooShallow),
  rule(holderTakes),
  rule(cover.allWaysInOne),
  rule(cover.oneCondition),
  rule(failsInWhatIf),
  rule(cover.emptyCategory),
  rule(fire.fewToIgnite),
  rule(fire.noTinder),
  rule(fire.littleWetTinder),
  rule(fire.noStriker),
  rule(fire.lighterPresses),
  rule(water.noVessel),
  rule(water.doubleWall),
  rule(water.doseVessel),
  rule(water.dirtyClean),
  rule(water.noStrainer),
  rule(water.threatOpen),
  rule(water.strawOnly),
  rule(water.dryStretch),
  rule(water.waterCouplings),
  rule(food.mealsAskWater),
  rule(food.noCook),
  rule(food.noOpener),
  rule(food.countsOnCatch),
  rule(sleep.coldSleep),
  rule(sleep.coldGround),
  rule(sleep.underHang),
  rule(sleep.bitingGround),
  rule(warm.coldDay),
  rule(warm.cottonWorn),
  rule(warm.noDrySet),
  rule(warm.notForAll),
  rule(roof.smallRoof),
  rule(roof.noRig),
  rule(roof.doubleDuty),
  rule(light.noLight),
  rule(light.needlessLight),
  rule(light.handsFull),
  rule(light.coldCells),
  rule(upkeep.cellsMissing),
  rule(upkeep.cellsFitNothing),
  rule(light.switchesOn),
  rule(plugFitsNothing),
  rule(work.shortCord),
  rule(work.nothingSharpens),
  rule(work.bareEdges),
  rule(work.needleThread),
  rule(work.weakTow),
  rule(wayAndSeen.noMap),
  rule(wayAndSeen.noBearing),
  rule(wayAndSeen.evenNumber),
  rule(wayAndSeen.dull),
  rule(wayAndSeen.mirrorUnderCanopy),
  rule(wayAndSeen.whistleRange),
  rule(wayAndSeen.conspicuous),
  rule(wayAndSeen.nothingShinesBack),
  rule(body.graveOpen),
  rule(body.complaintOpen),
  rule(body.asksTraining),
  rule(body.ownShort),
  rule(body.noToilet),
  rule(harm.frostFilter),
  rule(harm.frostFull),
  rule(harm.heatSpoils),
  rule(harm.barredInAircraft),
  rule(harm.penFrost),
  rule(harm.burstBeside),
  rule(harm.fuelBesideFood),
  rule(harm.bareCells),
  rule(harm.closedFlame),
  rule(stow.doesNotFit),
  rule(stow.overLimits),
  rule(stow.holderLoad),
  rule(lying.tooDeep),
  rule(lying.offBalance),
  rule(lying.getsWet),
  rule(lying.lidTaped),
  rule(lying.backupTogether),
  rule(lying.outsideSpoils),
  rule(lying.cannotBeEmptied),
  rule(lying.feelsAlike),
  rule(lying.wasMoved),
  rule(stow.notStowed),
  rule(upkeep.pastTheirDate),
  rule(upkeep.careDue),
  rule(keeping.chargeDue),
  rule(upkeep.away),
  rule(upkeep.placedTwice),
  rule(keeping.countedOnTwice),
  rule(upkeep.notThere),
  rule(keeping.neverTried),
  rule(keeping.failedTrial),
  rule(keeping.needsLeave),
  rule(keeping.inCarriage),
  rule(keeping.noNote),
  rule(thrift.deadWeight),
  rule(thrift.lighterOne),
  rule(thrift.manySpares),
  rule(briefRule),
];
