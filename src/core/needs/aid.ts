import { firstAidOf, type Risks } from './first-aid';
import { insectsBite } from './guard';
import { answered, notKnown, type Answer } from './need';
import { listed } from '../quantity';
import type { NeedsKit } from './needs-kit';

/** A day of so much heat asks salts, and nights of so much cold something against it, in °C (own). */
const hotFromC = 25;
const coldBelowC = 10;

/** What of place, season and way makes complaints likely. */
export function risksOf(kit: NeedsKit): Risks {
  const { conditions, nights, shelter, brief } = kit;
  return {
    isOnTheWay: shelter === null,
    bites: insectsBite(kit),
    isHot: (conditions.highC?.value ?? hotFromC) >= hotFromC,
    isCold: (conditions.lowC?.value ?? 0) < coldBelowC,
    nights,
    isInTown: nights === 0 && brief.country === 'town',
  };
}

/** First aid by complaint, for so many people and days. No doses: those are a doctor’s. */
export function aid(kit: NeedsKit): Answer {
  const { days, people, brief, loadout, shelf, day, elsewhere } = kit;
  if (days === null) return notKnown('complaints', 'when');
  const each = firstAidOf(loadout, shelf, {
    day,
    personDays: people.length * days,
    declared: brief.people.some(({ graveAllergy }) => graveAllergy !== ''),
    elsewhere,
    risks: risksOf(kit),
  });
  const asked = each.filter(({ wanted }) => wanted > 0);
  const open = asked.filter(({ standing }) => standing !== 'met');
  const unknown = open.filter(({ standing }) => standing === 'not known');
  const met = asked.length - open.length;
  return answered({
    standing:
      open.length === 0
        ? 'met'
        : unknown.length === open.length
          ? 'not known'
          : asked.every(({ uses }) => uses === 0)
            ? 'none'
            : 'short',
    demand: asked.length,
    supply: met,
    unit: 'complaints',
    days: null,
    says:
      open.length === 0
        ? `All ${asked.length} complaints are answered.`
        : `${met} of ${asked.length} complaints are answered; open: ${listed(open.map(({ complaint, uses, wanted }) => `${complaint} ${uses} of ${wanted}`))}.`,
    placements: [...new Set(each.flatMap(({ by }) => by))],
    steps: asked.map(
      ({ complaint, uses, wanted }) =>
        `${complaint}: ${uses === Infinity ? 'always' : uses}, ${wanted} wanted.`,
    ),
    asks: unknown.length > 0 ? ['what is in your own first-aid set'] : [],
  });
}
