import { byName } from '../../quantity';
import { kindOf } from '../../catalogue';
import { capital, igniteJobs, type Gear, type JobId } from '../../gear';
import { workedOut } from '../../kit';
import { apply, type Command } from '../../loadout';
import { backgroundOf } from '../background';
import { fixName, layingOutFix, needFixes } from '../../kit/need-fixes';
import type { NeedId } from '../../needs';
import * as food from '../food';
import * as light from '../light';
import { needShort } from '../need-short';
import { cellsFitNothing, cellsMissing } from '../upkeep';
import { plugFitsNothing } from '../power';
import * as roof from '../roof';
import * as sleep from '../sleep';
import * as warm from '../warm';
import * as water from '../water';
import * as wayAndSeen from '../way-and-seen';
import * as work from '../work';
import type { Fix } from '../finding';
import { checked, gettingInstead, layingOut, layingOutKind, leaving, swapping } from './fixing';
import { mends, type Mender, type MendAsked } from './mender';

/** What answers a need, by trying: the same that is offered where the needs are told. */
function answering({ kit, newId }: MendAsked<unknown>, need: NeedId): readonly Fix[] {
  if (kit.own.brief === null) return [];
  return needFixes(kit, kit.own.brief, need)
    .filter(({ after }) => after.standing === 'met')
    .map((fix): Fix => ({
      says: fix.isOnShelf
        ? `Lay out ${fixName(fix)}, of your shelf`
        : `Get ${fixName(fix)} and lay ${fix.count === 1 ? 'it' : 'them'} out`,
      command: layingOutFix(fix, kit, newId),
    }));
}

function adding(...anyOf: readonly JobId[]) {
  return ({ kit, newId }: MendAsked<unknown>) => layingOut({ kit, newId }, ...anyOf);
}

function getting(...kinds: readonly string[]) {
  return ({ kit, newId }: MendAsked<unknown>) =>
    kinds.map((kind) => layingOutKind({ kit, newId }, kind));
}

function leavingEach({ kit, finding: { about } }: MendAsked<unknown>): readonly Fix[] {
  return about.flatMap((id) => leaving(kit, id));
}

/** Leaves what is not to be cooked, as long as something to eat is left. */
function leavingSomeFood(asked: MendAsked<unknown>): readonly Fix[] {
  const { kit, finding } = asked;
  const isEaten = ({ supplies }: Gear) => supplies.some(({ job }) => job === 'food');
  const rest = kit.whole.placements.some(
    ({ id }) => !finding.about.includes(id) && isEaten(kit.gear(id)),
  );
  return rest ? leavingEach(asked) : [];
}

/** What cooking lacks, all of it in one: a vessel and what lights a fire, and else a stove with the gas of the whole time too. */
function gettingToCook({ kit, newId }: MendAsked<unknown>): readonly Fix[] {
  const { bench, own, whole, gear, day } = kit;
  const has = (jobs: readonly JobId[]) =>
    whole.placements.some(({ id }) =>
      gear(id).supplies.some(({ job, fitness }) => jobs.includes(job) && fitness !== 'improvised'),
    );
  const tools = [...(has(['boil']) ? [] : ['pot']), ...(has(igniteJobs) ? [] : ['lighter'])];
  const onFire = tools.map((kind) => layingOutKind({ kit, newId }, kind));
  const withStove = [...onFire, layingOutKind({ kit, newId }, 'gas-stove')];
  const gas = (count: number) => layingOutKind({ kit, newId, count }, 'gas-canister');
  // What is boiled is known once anything burns.
  const laidOut = apply(bench, allOf([...withStove, gas(1)]));
  const asked = laidOut.ok
    ? backgroundOf(workedOut(laidOut.value, laidOut.value.loadouts.get(own.id)!, day)).need('fuel')
    : null;
  const count = Math.ceil((asked?.demand ?? 0) / kindOf('gas-canister')!.supplies[0]!.amount!);
  return [onFire, [...withStove, gas(Math.max(1, count))]].flatMap((fixes) =>
    fixes.length === 0
      ? []
      : [
          {
            says: capital(fixes.map(({ says }) => uncapital(says)).join('; ')),
            command: allOf(fixes),
          },
        ],
  );
}

function allOf(fixes: readonly Fix[]): Command {
  return {
    do: 'together',
    label: 'add what cooking takes',
    commands: fixes.map(({ command }) => command),
  };
}

function uncapital(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}

export const needMenders: readonly Mender[] = [
  mends(needShort, (asked) => answering(asked, asked.finding.figures.need)),
  mends(warm.notForAll, ({ kit, newId, finding: { figures } }) => {
    const count = figures.people - figures.there;
    return figures.lacks === 'rain'
      ? ['rain-jacket', 'poncho'].map((kind) => layingOutKind({ kit, newId, count }, kind))
      : ['warm-mitts', 'gloves'].map((kind) => layingOutKind({ kit, newId, count }, kind));
  }),
  mends(light.coldCells, ({ kit, newId, finding: { about } }) =>
    about.flatMap((id) => {
      const kind = kit.gear(id).kind ?? '';
      const lithium = ['cell-aa', 'cell-aaa'].includes(kind) ? `${kind}-lithium` : null;
      return lithium === null ? [] : gettingInstead(kit, id, lithium, newId);
    }),
  ),
  mends(
    wayAndSeen.nothingShinesBack,
    getting('reflective-armband', 'reflective-tape', 'warning-vest'),
  ),
  mends(wayAndSeen.noBearing, adding('bearing')),
  mends(water.noVessel, adding('boil')),
  mends(water.doubleWall, adding('boil')),
  mends(water.doseVessel, adding('carry-water')),
  mends(water.dirtyClean, adding('carry-water')),
  mends(water.noStrainer, getting('filter-bag', 'coffee-filters', 'shemagh')),
  mends(
    water.threatOpen,
    getting('press-purifier', 'dioxide-tablets', 'filter', 'canteen-cup', 'filter-bag'),
  ),
  mends(water.strawOnly, getting('chlorine-tablets', 'filter', 'canteen-cup')),
  mends(water.dryStretch, (asked) => [
    ...answering(asked, 'carry'),
    ...layingOut({ kit: asked.kit, newId: asked.newId }, 'carry-water'),
  ]),
  mends(water.waterCouplings, getting('soft-bottle', 'thin-bottle', 'water-bag')),
  mends(food.mealsAskWater, (asked) => [
    ...answering(asked, asked.finding.figures.short),
    ...gettingToCook(asked),
    ...leavingSomeFood(asked),
  ]),
  mends(food.noCook, (asked) => {
    const { kit, newId, finding } = asked;
    return [
      ...(finding.figures.lacks.includes('a spoon')
        ? [layingOutKind({ kit, newId }, 'spoon')]
        : layingOut({ kit, newId }, 'boil')),
      ...layingOut({ kit, newId }, 'flame'),
      ...gettingToCook(asked),
      ...leavingSomeFood(asked),
    ];
  }),
  mends(food.noOpener, getting('tin-opener', 'wheel-tin-opener')),
  mends(food.countsOnCatch, (asked) => answering(asked, 'food')),
  mends(sleep.coldSleep, (asked) => answering(asked, 'sleep')),
  mends(sleep.coldGround, (asked) => answering(asked, 'ground')),
  mends(sleep.underHang, getting('under-quilt', 'ground-mat')),
  mends(sleep.bitingGround, getting('hammock', 'bug-net')),
  mends(warm.coldDay, (asked) => answering(asked, 'warmth')),
  mends(warm.cottonWorn, ({ kit, newId, finding: { about } }) => [
    ...about.flatMap((id) =>
      swapping(kit, id, ['insulate'], ({ look }) => look.stuff !== 'cotton'),
    ),
    ...about.flatMap((id) => leaving(kit, id)),
    // What is worn is not left off: something that warms wet stands in for it.
    ...about.flatMap((id) =>
      gettingInstead(
        kit,
        id,
        /trousers/.test(kit.gear(id).kind ?? '') ? 'base-bottom' : 'base-top',
        newId,
      ),
    ),
  ]),
  mends(roof.smallRoof, (asked) => answering(asked, 'roof')),
  mends(roof.noRig, (asked) => answering(asked, 'rig')),
  mends(roof.doubleDuty, ({ kit, newId, finding: { figures } }) =>
    ['rain-jacket', 'small-tarp', 'tarp'].map((kind) =>
      layingOutKind(
        { kit, newId, count: kind === 'rain-jacket' ? figures.people - figures.coats : 1 },
        kind,
      ),
    ),
  ),
  mends(light.noLight, getting('rechargeable-headlamp', 'candle', 'crank-torch')),
  mends(light.needlessLight, leavingEach),
  mends(light.handsFull, getting('rechargeable-headlamp')),
  mends(cellsMissing, ({ kit, newId, finding: { figures, about } }) => {
    const cell = figures.cell && cellKinds.get(figures.cell);
    return [
      ...(cell ? [layingOutKind({ kit, newId, count: figures.count }, cell)] : []),
      ...about.flatMap((id) => leaving(kit, id)),
    ];
  }),
  mends(cellsFitNothing, ({ kit, newId, finding: { figures, about } }) => [
    ...figures.takes.flatMap((cell) => {
      const kind = cellKinds.get(cell);
      return kind === undefined ? [] : about.flatMap((id) => gettingInstead(kit, id, kind, newId));
    }),
    ...about.flatMap((id) => leaving(kit, id)),
  ]),
  mends(light.switchesOn, ({ kit, finding: { about } }) => [
    checked(
      kit,
      about,
      (gear) => light.unlocked(gear).map((what) => ({ what, kind: 'ready' })),
      'A cell is turned, or the switch locked now',
    ),
  ]),
  mends(plugFitsNothing, ({ kit, newId, finding: { about } }) => [
    ...['power-bank', 'charging-cable', 'mains-plug'].map((kind) =>
      layingOutKind({ kit, newId }, kind),
    ),
    ...about.flatMap((id) => leaving(kit, id)),
  ]),
  mends(work.shortCord, ({ kit, newId }) =>
    ['thin-cord', 'cord', 'rope-20'].flatMap((kind) =>
      [1, 2, 3].map((count) => layingOutKind({ kit, newId, count }, kind)),
    ),
  ),
  mends(work.nothingSharpens, adding('sharpen')),
  mends(work.bareEdges, ({ kit, finding: { about } }) => [
    checked(kit, about, () => [{ what: work.covered, kind: 'ready' }], 'Their edges are covered'),
  ]),
  mends(work.weakTow, ({ kit, newId, finding: { about, figures } }) =>
    about.flatMap((strap) => [
      ...swapping(kit, strap, ['tow'], ({ bearsN }) => (bearsN ?? 0) > figures.bearsKg * 9.81),
      ...gettingInstead(kit, strap, 'tow-strap', newId),
      ...leaving(kit, strap),
    ]),
  ),
  mends(work.needleThread, ({ kit, newId, finding: { figures } }) =>
    figures.lacks === 'thread'
      ? [layingOutKind({ kit, newId }, 'waxed-thread')]
      : [layingOutKind({ kit, newId }, 'needle-case')],
  ),
];

/** Which kind is a cell of a type. */
const cellKinds = byName<string>({
  'AA alkaline': 'cell-aa',
  'AAA alkaline': 'cell-aaa',
  'AA lithium': 'cell-aa-lithium',
  'AAA lithium': 'cell-aaa-lithium',
  'AA NiMH': 'cell-aa-nimh',
  'AAA NiMH': 'cell-aaa-nimh',
  'C alkaline': 'cell-c',
  'D alkaline': 'cell-d',
  '9 V alkaline': 'cell-9v',
  CR2032: 'cell-cr2032',
  LR44: 'cell-lr44',
  CR2: 'cell-cr2',
  CR123A: 'cell-cr123a',
  '14500': 'cell-14500',
  '18650': 'cell-18650',
  '21700': 'cell-21700',
});
