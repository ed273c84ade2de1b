import {
  contentsWithin,
  fitnesses,
  igniteJobs,
  jobs,
  noKeeping,
  type Contents,
  type Demand,
  type Gear,
  type JobId,
} from '../gear';
import { byName, tenths } from '../quantity';
import { builtInto } from './built-in';
import type { Kind } from './kind';
import { body } from './kinds/body';
import { cordAndMending } from './kinds/cord-and-mending';
import { cover } from './kinds/cover';
import { cutting } from './kinds/cutting';
import { fire } from './kinds/fire';
import { food } from './kinds/food';
import { holders } from './kinds/holders';
import { lightAndPower } from './kinds/light-and-power';
import { mindAndVehicle } from './kinds/mind-and-vehicle';
import { water } from './kinds/water';
import { wayAndSignal } from './kinds/way-and-signal';

/** Every generic kind, in the order in which a tie between two is settled. */
export const kinds: readonly Kind[] = [
  ...cutting,
  ...fire,
  ...water,
  ...cover,
  ...cordAndMending,
  ...lightAndPower,
  ...wayAndSignal,
  ...body,
  ...food,
  ...mindAndVehicle,
  ...holders,
];

/** Those that can be got: what is built into a vehicle or a house is there or not. */
export const kindsToGet: readonly Kind[] = kinds.filter(({ id }) => !builtInto.has(id));

const kindById: ReadonlyMap<string, Kind> = new Map(kinds.map((kind) => [kind.id, kind]));

/** Kinds that had another id: benches name the old one for ever. */
const renamed = byName<string>({ 'road-flares': 'warning-lamp' });

export function kindOf(id: string): Kind | undefined {
  return kindById.get(renamed.get(id) ?? id);
}

/** One owned piece of a kind with the kind's figures, all of them marked as typical. */
export function gearOfKind(kind: Kind, id: string, name = kind.name): Gear {
  return {
    id,
    name,
    kind: kind.id,
    count: 1,
    ...atHome,
    massG: kind.massG,
    massTrust: 'typical',
    form: kind.form,
    formTrust: 'typical',
    priceMinor: kind.priceMinor,
    priceTrust: 'typical',
    contents: kind.contents && { ...kind.contents, left: kind.contents.full },
    goodUntil: null,
    lots: [],
    bearsN: kind.bearsN,
    mostLoadG: kind.mostLoadG,
    checks: [],
    spoiledBy: kind.spoiledBy,
    failsIn: kind.failsIn,
    care: kind.care,
    cautions: kind.cautions,
    cavities: kind.cavities,
    supplies: kind.supplies,
    look: kind.look,
    photo: null,
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
    ...atHome,
    massG: null,
    massTrust: 'stated',
    form: null,
    formTrust: 'stated',
    priceMinor: null,
    priceTrust: 'stated',
    contents: null,
    goodUntil: null,
    lots: [],
    bearsN: null,
    mostLoadG: null,
    checks: [],
    ...noKeeping,
    cavities: [],
    supplies: [],
    look: { silhouette: 'piece', stuff: 'plastic', colour: '#8a8478' },
    photo: null,
    note: '',
  };
}

const atHome = {
  ownership: 'owned',
  tier: 'main',
  lentTo: null,
  borrowedFrom: null,
  takenFrom: null,
  awaySince: null,
  backBy: null,
  isShared: false,
} as const satisfies Partial<Gear>;

/**
 * The contents of a full piece of a kind whose figures are its own: as much more or less than the kind’s as it
 * does more or less of the job that uses them up.
 */
export function contentsLike(kind: Kind, gear: Pick<Gear, 'supplies' | 'massG'>): Contents | null {
  const { contents } = kind;
  if (contents === null) return null;
  const measured = kind.supplies.find(({ job, amount }) => jobs[job].isUsedUp && amount !== null);
  const own = gear.supplies.find((supply) => supply?.job === measured?.job)?.amount;
  const share = measured && typeof own === 'number' && own > 0 ? own / measured.amount! : 1;
  const full = Math.max(0.1, tenths(contents.full * share));
  const massShare = typeof gear.massG === 'number' ? gear.massG / kind.massG : share;
  const massG = tenths(contents.massG * massShare);
  return contentsWithin({ unit: contents.unit, full, left: full, massG }, gear.massG);
}

/** The kinds that do any of these jobs by themselves: those made for it first, then the lighter. */
export function kindsFor(anyOf: readonly JobId[]): readonly Kind[] {
  return kindsToGet
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
