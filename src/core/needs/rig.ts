import { makeDoThere, schoolOf } from '../brief';
import { cordNeededM } from '../models';
import { answered, notAsked, type Answer } from './need';
import { idsOf, total, work, type NeedsKit } from './needs-kit';
import { pitchesOf } from './pitch';

const guysEach = 4;
const pegsEach = 6;

/** Cord and pegs that the roofs and hammocks of the kit ask. */
export function rig(kit: NeedsKit): Answer {
  const { nights, print, people } = kit;
  const roofs = pitched(kit);
  const hammocks = Math.min(
    people.length,
    kit.given('raise').reduce((sum, { count }) => sum + count, 0),
  );
  if (nights === 0 || roofs + hammocks === 0) return notAsked('m', 'Nothing is pitched or hung.');
  const asked = { roofs, guysEach, hammocks, hangs: 0 };
  const demand = cordNeededM(asked);
  const cord = kit.given('cord').filter(({ supply }) => supply.fitness !== 'improvised');
  const pegs = kit.given('stake').filter(({ supply }) => supply.fitness !== 'improvised');
  const supply = total(cord);
  const makesDo = total(kit.given('cord')) - supply;
  const pegsThere = pegs.reduce((sum, { count, amount }) => sum + count * (amount ?? 1), 0);
  const pegsAsked = roofs * pegsEach;
  // A stake is soon cut where wood stands.
  const cutsThem =
    schoolOf(kit.brief.schools, 'pegs') === 'cut there' ||
    (kit.brief.country !== null && makeDoThere(kit.brief, 'stake')?.hardness === 0);
  const isMet = supply >= demand && (cutsThem || pegsThere >= pegsAsked);
  return answered({
    standing: isMet ? 'met' : supply + pegsThere + makesDo > 0 ? 'short' : 'none',
    demand,
    supply,
    unit: 'm',
    days: null,
    says: `${print.metres(demand)} of cord asked, ${print.metres(supply)} there; ${pegsAsked} pegs asked, ${pegsThere} there${cutsThem ? ', the rest cut there' : ''}.`,
    placements: idsOf([...cord, ...pegs]),
    worked: [work('cord-needed', asked)],
    steps: [],
  });
}

/** How many sheets are pitched with cord: as many as keep everybody dry. */
export function pitched(kit: NeedsKit): number {
  let people = kit.people.length;
  let roofs = 0;
  for (const { given, sleepers } of pitchesOf(kit)) {
    if (people <= 0) break;
    if (given.supply.fitness === 'improvised' || sleepers === 0) continue;
    const asksCord = given.supply.demands.length > 0;
    const used = Math.min(given.count, Math.ceil(people / sleepers));
    people -= used * sleepers;
    if (asksCord) roofs += used;
  }
  return roofs;
}
