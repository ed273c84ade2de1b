import { boilEnergy } from './boil-energy';
import { cellEnergy } from './cell-energy';
import { childRestingEnergy, childWaterPerDay } from './children';
import { climate } from './climate';
import { contactTime } from './contact-time';
import { cordNeeded } from './cord-needed';
import { daylight } from './daylight';
import { energyPerDay, restingEnergy } from './energy';
import { floats } from './floats';
import { heatIndex } from './heat-index';
import { lightNeeded } from './light-needed';
import type { Model } from './model';
import { shelfLife } from './shelf-life';
import { timeToHand } from './time-to-hand';
import { loadCarriage, loadShare, walkingTime } from './walking';
import { dayCloModel, groundRModel, sleepCloModel, sleepTempModel } from './warmth';
import { waterPerDay } from './water-per-day';
import { waterToCarry } from './water-to-carry';
import { wbgt } from './wbgt';
import { windChill } from './wind-chill';

/** Every model, in the order in which they are told of. */
export const models: readonly Model[] = [
  windChill,
  heatIndex,
  wbgt,
  daylight,
  lightNeeded,
  waterPerDay,
  waterToCarry,
  contactTime,
  restingEnergy,
  loadCarriage,
  energyPerDay,
  walkingTime,
  loadShare,
  sleepCloModel,
  sleepTempModel,
  dayCloModel,
  groundRModel,
  boilEnergy,
  cellEnergy,
  cordNeeded,
  shelfLife,
  climate,
  floats,
  timeToHand,
  childRestingEnergy,
  childWaterPerDay,
] as unknown as readonly Model[];
