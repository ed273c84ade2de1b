import { withClimate, type Brief } from '../brief';
import { whatIfsOf } from '../judge/what-if';
import { kitsBeside, needsThatDiffer, standsInFor, underBriefBeside } from '../kit/beside';
import type { WorkedOutKit } from '../kit';
import { keptByLayers, lastingByLayers } from '../kit/lasting-layers';
import { lossId, questionId } from '../losses';
import { needFigures } from './audit-brief';

/**
 * What is left of a kit when the rest is not: by layers, for all who go and for each of them alone; in the what-ifs that are
 * kept with it; and when what lies beside it is lost. People are told by number, since their names are their own.
 */
export function auditOfProving(kit: WorkedOutKit) {
  const { own } = kit;
  const brief = own.brief && withClimate(own.brief, kit.day);
  const others = kitsBeside(kit);
  return {
    layers:
      brief === null
        ? []
        : keptByLayers(brief).flatMap(({ person }) =>
            lastingByLayers(kit, brief, 'metric', person).map(
              ({ layer, pieces, lasts, needs }) => ({
                person: person === null ? null : person + 1,
                layer,
                pieces,
                lasts,
                needs: needs.map(needFigures),
              }),
            ),
          ),
    whatIfs: whatIfsOf(kit).map(({ whatIf: { id, name, losses }, there, undone }) => ({
      id,
      name,
      losses: losses.map(lossId),
      there: there.map(lossId),
      undone: undone.map(questionId),
    })),
    beside:
      brief === null || others.length === 0
        ? null
        : { ...lastsBeside(kit, others, brief), kits: others.map((other) => standing(kit, other)) },
  };
}

function standing(kit: WorkedOutKit, other: WorkedOutKit) {
  const { jobs, givesBack, outOf } = standsInFor(kit, other);
  return {
    kit: other.own.id,
    name: other.own.name,
    givesBack,
    outOf,
    jobs: jobs.map(({ anyOf, beside, here, both, by }) => ({
      job: questionId(anyOf),
      beside,
      here,
      both,
      by,
    })),
  };
}

function lastsBeside(kit: WorkedOutKit, others: readonly WorkedOutKit[], brief: Brief) {
  const { alone, together } = underBriefBeside(kit, others, brief, 'metric');
  return {
    alone: alone.lasts,
    together: together.lasts,
    needs: needsThatDiffer(alone, together).map((each) => ({
      alone: needFigures(each.alone),
      together: needFigures(each.together),
    })),
  };
}
