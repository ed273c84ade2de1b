import { fitnesses, igniteJobs, type Demand, type Gear, type JobId } from '../gear';
import { beyond } from './beyond';
import { camp } from './camp';
import { holders } from './holders';
import type { Kind } from './kind';
import { tools } from './tools';

/** Every generic kind, in the order in which a tie between two is settled. */
export const kinds: readonly Kind[] = [...tools, ...camp, ...beyond, ...holders];

const kindById: ReadonlyMap<string, Kind> = new Map(kinds.map((kind) => [kind.id, kind]));

export function kindOf(id: string): Kind | undefined {
  return kindById.get(id);
}

/** One owned piece of a kind with the kind's figures, all of them marked as typical. */
export function gearOfKind(kind: Kind, id: string, name = kind.name): Gear {
  return {
    id,
    name,
    kind: kind.id,
    count: 1,
    ownership: 'owned',
    massG: kind.massG,
    massTrust: 'typical',
    form: kind.form,
    formTrust: 'typical',
    priceMinor: kind.priceMinor,
    goodUntil: null,
    cavities: kind.cavities,
    supplies: kind.supplies,
    look: kind.look,
    note: '',
  };
}

/** Gear that is like no kind: nothing is known of it but its name. */
export function gearOfNoKind(id: string, name: string): Gear {
  return {
    id,
    name,
    kind: null,
    count: 1,
    ownership: 'owned',
    massG: null,
    massTrust: 'stated',
    form: null,
    formTrust: 'stated',
    priceMinor: null,
    goodUntil: null,
    cavities: [],
    supplies: [],
    look: { silhouette: 'piece', stuff: 'plastic', colour: '#8a8478' },
    note: '',
  };
}

/** The kinds that do any of these jobs by themselves: those made for it first, then the lighter. */
export function kindsFor(anyOf: readonly JobId[]): readonly Kind[] {
  return kinds
    .flatMap((kind) => {
      const best = kind.supplies
        .filter(({ job, demands }) => anyOf.includes(job) && demands.every(isSelfMet))
        .map(({ fitness }) => fitnesses.indexOf(fitness))
        .sort()[0];
      return best === undefined ? [] : [{ kind, best }];
    })
    .sort((one, other) => one.best - other.best || one.kind.massG - other.kind.massG)
    .map(({ kind }) => kind);

  /** A fire to heat with is asked for by its own lane; everything else would leave it idle. */
  function isSelfMet(demand: Demand): boolean {
    return demand.on === 'jobs' && demand.anyOf.some((job) => igniteJobs.includes(job));
  }
}

/** The kind that a name most likely means: a noun must be there with all its words, and the most traits win. */
export function kindMeantBy(name: string): Kind | null {
  const words = new Set(wordsOf(name));
  let meant: Kind | null = null;
  let most = 0;
  for (const kind of kinds) {
    const nouns = kind.nouns.filter((noun) => noun.split(' ').every((word) => words.has(word)));
    if (nouns.length === 0) continue;
    const longest = Math.max(...nouns.map((noun) => noun.split(' ').length));
    const score = longest + kind.traits.filter((trait) => words.has(trait)).length;
    if (score > most) {
      meant = kind;
      most = score;
    }
  }
  return meant;
}

/** The words of a name in small letters, each also without a plural's s. */
function wordsOf(name: string): readonly string[] {
  return name
    .toLowerCase()
    .split(/[^\p{L}\p{N}-]+/u)
    .filter((word) => word !== '')
    .flatMap((word) => (/[^s]s$/.test(word) ? [word, word.slice(0, -1)] : [word]));
}
