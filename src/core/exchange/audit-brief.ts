import { withClimate, type Brief } from '../brief';
import type { WorkedOutKit } from '../kit';
import { underBrief } from '../kit/under-brief';
import type { Need } from '../needs';
import { rulesKept, ruleInWords } from '../judge/brief-rules';

/** What the audit says of a kit under its brief; nulls where it has none. Infinite days are told as null. */
export function auditUnderBrief(kit: WorkedOutKit) {
  if (kit.own.brief === null) return { brief: null, rules: [], needs: [], lasts: null };
  const brief = withClimate(kit.own.brief, kit.day);
  const { kit: needsKit, needs, lasts } = underBrief(kit, brief, 'metric');
  return {
    brief: { ...plainly(brief), conditions: needsKit.conditions },
    rules: rulesKept(kit, brief.rules).map(({ rule, kept, is, about }) => ({
      ...rule,
      says: ruleInWords(rule, { units: 'metric', currency: kit.bench.currency }),
      kept,
      is,
      placements: about,
    })),
    needs: needs.map((need) => ({
      ...needFigures(need),
      says: need.says,
      placements: need.placements,
      worked: need.worked.map(({ model, inputs, value }) => ({ model, inputs, value })),
    })),
    lasts,
  };
}

/** How a need stands, in figures; infinite days as null. */
export function needFigures({ need, standing, demand, supply, unit, days }: Need) {
  return {
    need,
    standing,
    demand: finite(demand),
    supply: finite(supply),
    unit,
    days: finite(days),
  };
}

/** The brief without what its people keep to themselves. */
function plainly(brief: Brief) {
  const { people } = brief;
  return {
    ...brief,
    heard: brief.heard && { on: brief.heard.on },
    people: people.map(({ bodyKg, heightCm, ageYears, sex }) => ({
      bodyKg,
      heightCm,
      ageYears,
      sex,
    })),
  };
}

function finite(figure: number | null): number | null {
  return figure !== null && Number.isFinite(figure) ? figure : null;
}
