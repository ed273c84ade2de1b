import {
  capital,
  igniteJobs,
  isSameJobs,
  jobsInWords,
  type Complaint,
  type JobId,
} from '../../gear';
import { byName, listed, printMass, printVolume } from '../../quantity';
import { conditionWords } from '../../ways';
import type { ConditionId } from '../../loadout';
import type { NeedId } from '../../needs';
import type { Finding } from '../finding';
import { cause, namesOf, type Cause, type Part } from './cause';

/** What a finding of one of these rules is gathered by. */
function byRules(key: string, ...rules: readonly string[]): (finding: Finding) => string | null {
  return ({ rule }) => (rules.includes(rule) ? key : null);
}

interface OpenComplaints {
  readonly open: readonly { readonly complaint: Complaint; readonly uses: number }[];
}

/** Nothing, or too little, against likely hurts. */
export const firstAid = cause({
  id: 'aid/short',
  speaksWhen: 'one or more complaints are not met',
  mendedBy: 'add the medicine or dressing that is named',
  because: 'What is not in the set is not there when somebody bleeds.',
  keyOf: byRules('aid', 'aid/complaint', 'aid/grave'),
  from: 1,
  says: (parts) => {
    const open = parts.flatMap(({ figures }) => (figures as OpenComplaints).open);
    const nothing = open.filter(({ uses }) => uses === 0).map(({ complaint }) => complaint);
    const few = open.filter(({ uses }) => uses > 0).map(({ complaint }) => complaint);
    const says = [
      ...(nothing.length > 0 ? [`nothing for ${listed(nothing)}`] : []),
      ...(few.length > 0 ? [`too little for ${listed(few)}`] : []),
    ];
    return `First aid: ${says.join('; ')}.`;
  },
});

/** What does not go into one room. */
export const overFullRoom = cause({
  id: 'stow/room',
  severities: ['stop', 'warn'],
  speaksWhen: 'several things do not go into one room, or it does not close over them',
  mendedBy: 'take a piece out, or take a larger holder',
  because: 'What does not go in stays behind, or is lost on the way.',
  keyOf: ({ rule, figures }) => {
    if (rule !== 'stow/fit') return null;
    const { holder, cavity } = figures as RoomFigures;
    return `${holder} ${cavity ?? ''}`;
  },
  says: (parts, edge) => {
    const { holder, cavity } = parts[0]!.figures as RoomFigures;
    const where = cavity === null ? edge.name(holder) : `${edge.name(holder)}, ${cavity}`;
    const byMl = parts.flatMap(({ figures }) => {
      const { reason } = figures as RoomFigures;
      return reason.why === 'over-full' && reason.byMl !== undefined ? [reason.byMl] : [];
    });
    const out = namesOf(
      parts.filter(({ about }) => about[0] !== holder),
      edge,
    );
    return byMl.length > 0
      ? `${where} is over-full by ${printVolume(Math.max(...byMl), edge.units)}${out.length > 0 ? `: ${listed(out)} ${out.length === 1 ? 'is' : 'are'} to come out` : ''}.`
      : `${where} does not hold all that is in it: ${listed(out)}.`;
  },
});

interface RoomFigures {
  readonly holder: string;
  readonly cavity: string | null;
  readonly reason: { readonly why: string; readonly byMl?: number };
}

const verbsBefore = byName<string>({
  'cut/sheath': 'cover the edge of',
  'light/switches-on': 'lock the switch of',
  'trust/untried': 'try',
  'fire/lighter-presses': 'put a band under the button of',
  'aid/training': 'learn to use',
});

/** What is done to pieces before one goes. */
export const makeReady = cause({
  id: 'make/ready',
  speaksWhen: 'pieces are to be covered, locked, tried or learnt before they are relied on',
  mendedBy: 'do each of them, then mark it as done',
  because: 'At home it takes a minute, and out there it is too late.',
  keyOf: byRules('ready', ...verbsBefore.keys()),
  says: (parts, edge) => {
    const acts = [...verbsBefore].flatMap(([rule, verb]) => {
      const those = parts.filter((part) => part.rule === rule);
      return those.length === 0 ? [] : [`${verb} ${listed(namesOf(those, edge, 4))}`];
    });
    return `Before you go: ${acts.join('; ')}.`;
  },
});

/** Wanted at once, and packed deep. */
export const packedDeep = cause({
  id: 'stow/deep-all',
  speaksWhen: 'several pieces that are wanted at once lie deep',
  mendedBy: 'move them to outer pockets or to the body',
  because: 'What is wanted at once is wanted with cold hands, in the dark.',
  keyOf: byRules('deep', 'stow/deep'),
  says: (parts, edge) => `Wanted at once, and packed deep: ${listed(namesOf(parts, edge))}.`,
});

/** Nothing keeps it dry. */
export const keepDry = cause({
  id: 'stow/dry',
  speaksWhen:
    'nothing waterproof is round several pieces that wet spoils, or round all warm layers',
  mendedBy: 'add a dry bag',
  because: 'Rain finds every seam in four hours.',
  keyOf: byRules('dry', 'stow/wet', 'warm/dry-set', 'stow/outside'),
  says: (parts, edge) => {
    // What is worn is not packed: of it only the dry set speaks.
    const packed = parts.filter(({ rule }) => rule !== 'warm/dry-set');
    const names = namesOf(packed.length > 0 ? packed : parts, edge);
    return `Nothing waterproof is round ${listed(names)}.`;
  },
});

interface FailsFigures {
  readonly anyOf: readonly JobId[];
  readonly condition: ConditionId;
}

/** Too few ways to light a fire, and what the weather leaves of them. */
export const lightsFire = cause({
  id: 'fire/ways',
  severities: ['stop', 'warn'],
  speaksWhen: 'there are fewer ways to light a fire than wanted, or weather leaves none',
  mendedBy: 'add another way to light a fire, and tinder for it',
  because: 'Lighters run dry, matches get wet, and a rod takes practice.',
  keyOf: ({ rule, figures }) => {
    if (rule === 'fire/ignite' || rule === 'fire/no-tinder' || rule === 'fire/no-striker')
      return 'fire';
    if (rule !== 'cover/one-condition' && rule !== 'cover/missing') return null;
    return isSameJobs((figures as FailsFigures).anyOf, igniteJobs) ? 'fire' : null;
  },
  from: 1,
  alone: ['cover/missing'],
  says: (parts, edge) => {
    const few = parts.find(({ rule }) => rule === 'fire/ignite');
    const conditions = parts
      .filter(({ rule }) => rule === 'cover/one-condition')
      .map(({ figures }) => conditionWords[(figures as FailsFigures).condition].then);
    const lack = namesOf(
      parts.filter(({ rule }) => rule === 'fire/no-tinder' || rule === 'fire/no-striker'),
      edge,
    );
    const says = [
      ...(parts.some(({ rule }) => rule === 'cover/missing') ? ['nothing does'] : []),
      ...(few ? [waysInWords(few.figures as WaysFigures)] : []),
      ...(conditions.length > 0 ? [`none is left ${listed(conditions)}`] : []),
      ...(lack.length > 0
        ? [`${listed(lack)} ${lack.length === 1 ? 'lacks' : 'lack'} what catches a spark`]
        : []),
    ];
    return `To light a fire: ${says.join('; ')}.`;
  },
});

interface WaysFigures {
  readonly ways: number;
  readonly wanted: number;
}

function waysInWords({ ways, wanted }: WaysFigures): string {
  return `${ways} ${ways === 1 ? 'way' : 'ways'}, and ${wanted} are wanted`;
}

/** What fails in the same weather. */
export const sameWeather = cause({
  id: 'cover/weather',
  severities: ['warn'],
  speaksWhen: 'all ways to several things fail in one condition',
  mendedBy: 'add a way that still works then',
  because: 'A condition holds for everything at once, however it is spread.',
  keyOf: ({ rule, figures }) =>
    rule === 'cover/one-condition' ? (figures as FailsFigures).condition : null,
  from: 1,
  says: (parts) => {
    const [first] = parts as readonly (Part & { readonly figures: FailsFigures })[];
    const undone = parts.map(({ figures }) => jobsInWords((figures as FailsFigures).anyOf));
    return `${capital(conditionWords[first!.figures.condition].name)}: nothing is left for ${listed(undone)}.`;
  },
});

/** What may burst, leak or smell over what lies beside it. */
export const spills = cause({
  id: 'harm/spills',
  severities: ['warn'],
  speaksWhen: 'several pieces may leak over what lies beside them, or spoil it',
  mendedBy: 'put each in a bag of its own',
  because: 'One squeezed tube ruins a whole pocket.',
  keyOf: byRules('spills', 'harm/burst', 'harm/fuel-food'),
  says: (parts, { name }) => {
    const by = [...new Set(parts.map(({ about }) => name(about[0]!)))];
    return `Apart from food and what wet spoils: ${listed(by)}.`;
  },
});

/** What frost does to full vessels. */
export const frostFull = cause({
  id: 'harm/frost',
  severities: ['warn'],
  speaksWhen: 'several full vessels freeze',
  mendedBy: 'empty a tenth, or carry it where it stays warm',
  because: 'Ice needs a tenth more room than water.',
  keyOf: byRules('frost', 'harm/frost-full'),
  says: (parts, edge) =>
    `${listed(namesOf(parts, edge))} freeze there: leave a tenth empty, and keep some where it stays warm.`,
});

/** What law asks of pieces on the way there. */
export const lawAsks = cause({
  id: 'law/way',
  severities: ['note'],
  speaksWhen: 'pieces need leave, or may not be worn on the way',
  mendedBy: 'ask before you carry it; pack it away on the way there',
  because: 'Local law comes first: ask before you carry it.',
  keyOf: byRules('law', 'law/licence', 'law/carriage'),
  says: (parts, edge) =>
    `Ask the law of the place, and pack away in trains and towns: ${listed(namesOf(parts, edge))}.`,
});

/** What could stay at home, or be lighter. */
export const couldStay = cause({
  id: 'thrift/all',
  severities: ['note'],
  speaksWhen: 'several pieces could stay at home or be lighter',
  mendedBy: 'leave pieces at home, or take lighter ones',
  because: 'Every gram that does nothing is carried all the way.',
  keyOf: byRules('thrift', 'thrift/dead', 'thrift/lighter', 'thrift/spares'),
  says: (parts, edge) => {
    const savedG = parts.reduce((sum, { figures }) => {
      const { massG = 0, savedG: less = 0 } = figures as { massG?: number; savedG?: number };
      return sum + massG + less;
    }, 0);
    return `Could stay at home or be lighter: ${listed(namesOf(parts, edge))}${savedG > 0 ? `; about ${printMass(savedG, edge.units)} in all` : ''}.`;
  },
});

export const causes: readonly Cause[] = [
  firstAid,
  overFullRoom,
  makeReady,
  packedDeep,
  keepDry,
  lightsFire,
  sameWeather,
  spills,
  frostFull,
  lawAsks,
  couldStay,
];

/** Which need says already what a rule finds, the first that is short; the rule’s finding is then a part of the need’s. */
export const saidByNeed = byName<readonly NeedId[]>({
  'water/dry-stretch': ['drink', 'carry'],
  'water/threat-open': ['treat', 'drink'],
  'water/strainer': ['treat', 'drink'],
  'water/dose-vessel': ['treat', 'drink'],
  'water/straw-only': ['carry', 'drink'],
  'water/no-vessel': ['treat', 'drink', 'fuel'],
  'water/double-wall': ['treat', 'drink', 'fuel'],
  'sleep/short': ['sleep'],
  'sleep/ground': ['sleep', 'ground'],
  'sleep/under-hang': ['sleep', 'ground'],
  'sleep/raise': ['guard'],
  'warm/day': ['warmth'],
  'roof/people': ['roof'],
  'roof/rig': ['roof', 'rig'],
  'cord/short': ['roof', 'rig'],
  'light/none': ['light'],
  'light/cells': ['light', 'power', 'found'],
  'light/hands-free': ['light'],
  'light/cold-cells': ['light'],
  'fire/ignite': ['fire'],
  'fire/no-tinder': ['fire'],
  'fire/wet-tinder': ['fire'],
  'food/needs-water': ['fuel', 'drink'],
  'power/plug': ['power'],
  'keep/charge': ['power', 'light'],
  'clean/toilet': ['hygiene'],
  'people/note': ['found'],
});

/** Rules that ask just what a need asks: where the need is known and not short, they have nothing to say. */
export const askedByNeed = byName<NeedId>({
  'water/dry-stretch': 'carry',
  'sleep/short': 'sleep',
  'sleep/ground': 'ground',
  'warm/day': 'warmth',
  'roof/people': 'roof',
  'roof/rig': 'rig',
  'cord/short': 'rig',
  'light/none': 'light',
  'clean/toilet': 'hygiene',
  'fire/wet-tinder': 'fire',
  'power/plug': 'power',
});

/** As {@link saidByNeed}, of a job that nothing does. */
export const jobSaidByNeed: Readonly<Partial<Record<JobId, readonly NeedId[]>>> = {
  'carry-water': ['drink', 'carry'],
  'treat-water': ['treat', 'drink'],
  boil: ['treat', 'fuel', 'drink'],
  roof: ['roof', 'sleep'],
  cord: ['rig', 'roof'],
  flame: ['fire', 'fuel'],
  call: ['found'],
};

/** A need that is told with another, where that is short too: the ground with the bed, the vessel with the water. */
export const needSaidBy: Readonly<Partial<Record<NeedId, readonly NeedId[]>>> = {
  carry: ['drink'],
  treat: ['drink'],
  ground: ['sleep'],
  rig: ['roof'],
  evening: ['roof', 'fire', 'fuel'],
};
