import type { Form } from '../../gear';
import type { Container, Load, LoadItem, Sides, Solid, Stowed } from './cargo';
import { axes, hullOf, volumeMm3 } from './cargo';
import { leastVolumeMm3, stancesOf } from './forms';
import { hollowAt, openEnded, standingSides } from './hollow';
import { LoadSearch } from './search';
import { hair, isInside } from './solid';
import { turns } from './turns';

/** A host with what goes in with it; places as in the host when it stands, from the low corner of both together. */
export interface Nest {
  readonly host: string;
  /** Where the host itself is in the hull of both. */
  readonly hostAtMm: Sides;
  readonly hostSizeMm: Sides;
  readonly hullMm: Sides;
  readonly pieces: readonly Stowed[];
}

/** A load in which some pieces go in as one with another. */
export interface Nesting {
  readonly load: Load;
  readonly nests: readonly Nest[];
}

/** Arrangements tried when a hollow piece is packed full. */
const fillingSteps = 4;

/**
 * Ways to make a load smaller before it is packed: hollow pieces filled with others, or slipped over the end of a
 * longer one (a mug on a bottle), and cord wound round something round. Only those that do save something.
 */
export function* nestingsOf(load: Load): Generator<Nesting, void> {
  const plain: Nesting = { load, nests: [] };
  const slipped = withSlippedOver(plain);
  const ways: readonly (() => Nesting)[] = [
    () => slipped,
    () => withCordWound(plain),
    () => withHollowsFilled(plain),
    () => withHollowsFilled(slipped),
    () => withCordWound(withHollowsFilled(slipped)),
  ];
  const seen = new Set<string>();
  for (const way of ways) {
    const nesting = way();
    const key = JSON.stringify(nesting.nests);
    if (nesting.nests.length === 0 || seen.has(key)) continue;
    seen.add(key);
    yield nesting;
  }
}

/** The pieces of an answer with those that went in within others told by themselves, each before its host. */
export function toldApart(placed: readonly Stowed[], nests: readonly Nest[]): readonly Stowed[] {
  const byHost = new Map(nests.map((nest) => [nest.host, nest]));
  return placed.flatMap((stowed) => {
    const nest = byHost.get(stowed.id);
    if (!nest) return [stowed];
    const host = turnedInto(stowed, nest.hullMm, {
      id: stowed.id,
      atMm: nest.hostAtMm,
      sizeMm: nest.hostSizeMm,
      axis: stowed.axis === null ? null : 'z',
    });
    const inner = nest.pieces.map((piece) => turnedInto(stowed, nest.hullMm, piece));
    return inner.some(({ within }) => within?.how === 'around')
      ? [host, ...inner]
      : [...inner, host];
  });
}

/** A solid given in a standing hull, where that hull has come to lie. */
function turnedInto(hull: Stowed, standingMm: Sides, piece: Stowed): Stowed {
  const turn = turnOf(hull, standingMm);
  const at = turn.map((own, k) => hull.atMm[k]! + piece.atMm[own]!);
  const size = turn.map((own) => piece.sizeMm[own]!);
  const axis =
    piece.axis === null ? null : axes[turn.findIndex((own) => axes[own] === piece.axis)]!;
  return { ...piece, atMm: at as unknown as Sides, sizeMm: size as unknown as Sides, axis };
}

/** Which of its own sides lies along x, y and z. */
function turnOf({ sizeMm, axis }: Solid, standingMm: Sides): readonly number[] {
  return turns.find((turn) => {
    const isAlong = axis === null || turn[axes.indexOf(axis)] === 2;
    return isAlong && turn.every((own, k) => Math.abs(standingMm[own]! - sizeMm[k]!) < 1e-3);
  })!;
}

/** Each hollow piece packed full of pieces that go wholly into it, the roomiest first. */
function withHollowsFilled({ load, nests }: Nesting): Nesting {
  const taken = new Set(nests.flatMap(({ host, pieces }) => [host, ...pieces.map(({ id }) => id)]));
  let items = load.items;
  const made = [...nests];
  for (const host of hollowsOf(load)) {
    if (taken.has(host.id)) continue;
    const room = host.hollow!;
    const smaller = items.filter(
      (item) =>
        item.id !== host.id && !taken.has(item.id) && leastVolumeMm3(item.form) < volumeMm3(room),
    );
    const search = new LoadSearch({ container: room, items: smaller }, 1);
    const run = search.run();
    while (search.steps < fillingSteps && !run.next().done);
    if (search.placed.length === 0) continue;
    const at = hollowAt(host);
    const pieces = search.placed.map((piece): Stowed => ({
      ...piece,
      atMm: piece.atMm.map((mm, k) => mm + at[k]!) as unknown as Sides,
      within: { host: host.id, how: 'inside' },
    }));
    for (const { id } of [host, ...pieces]) taken.add(id);
    const hullMm = standingSides(host.form);
    made.push({ host: host.id, hostAtMm: [0, 0, 0], hostSizeMm: hullMm, hullMm, pieces });
    // What must stand in it lets it not be laid down either.
    const isUpright = smaller.some(
      ({ id, form }) => mustStand(form) && pieces.some((piece) => piece.id === id),
    );
    items = asOne(items, host, pieces, isUpright ? stood(host.form) : host.form);
  }
  return { load: { ...load, items }, nests: made };
}

/** Hollow pieces slipped over the end of a longer one that then stands out of them. */
function withSlippedOver({ load, nests }: Nesting): Nesting {
  let items = load.items;
  const made = [...nests];
  const taken = new Set<string>();
  for (const host of hollowsOf(load)) {
    if (taken.has(host.id)) continue;
    const room = openEnded(host.hollow!);
    const at = hollowAt(host);
    const within = items.flatMap((item) => {
      if (item.id === host.id || taken.has(item.id) || item.form.shape === 'soft') return [];
      const stance = stancesOf(item.form).find((each) => isInside(middled(each, room), room));
      if (!stance || stance.sizeMm[2] + at[2] <= standingSides(host.form)[2] + hair) return [];
      return [{ item, stance }];
    });
    const best = within.sort(
      (a, b) => leastVolumeMm3(b.item.form) - leastVolumeMm3(a.item.form),
    )[0];
    if (!best) continue;
    const { item, stance } = best;
    const hostSizeMm = standingSides(host.form);
    const hullMm: Sides = [hostSizeMm[0], hostSizeMm[1], at[2] + stance.sizeMm[2]];
    const placed = middled(stance, room);
    const piece: Stowed = {
      ...placed,
      id: item.id,
      atMm: placed.atMm.map((mm, k) => mm + at[k]!) as unknown as Sides,
      within: { host: host.id, how: 'inside' },
    };
    taken.add(host.id).add(item.id);
    made.push({ host: host.id, hostAtMm: [0, 0, 0], hostSizeMm, hullMm, pieces: [piece] });
    items = asOne(items, host, [piece], formOfHull(host.form, hullMm, mustStand(item.form)));
  }
  return { load: { ...load, items }, nests: made };
}

/** Cord wound round the longest round piece: that piece grows in girth by what the cord takes, pressed tight. */
function withCordWound({ load, nests }: Nesting): Nesting {
  let items = load.items;
  const made = [...nests];
  const taken = new Set(nests.flatMap(({ host, pieces }) => [host, ...pieces.map(({ id }) => id)]));
  for (const cord of load.items) {
    if (!cord.isCord || cord.form.shape !== 'soft' || taken.has(cord.id)) continue;
    const hosts = items.filter(({ id, form }) => form.shape === 'cylinder' && !taken.has(id));
    const host = hosts.sort((a, b) => sideOf(b.form) - sideOf(a.form))[0];
    if (!host || host.form.shape !== 'cylinder') continue;
    const { diameterMm, heightMm } = host.form;
    const wound =
      2 * Math.sqrt(diameterMm ** 2 / 4 + (cord.form.tightMl * 1000) / (Math.PI * heightMm));
    const hullMm: Sides = [wound, wound, heightMm];
    const edge = (wound - diameterMm) / 2;
    const piece: Stowed = {
      id: cord.id,
      atMm: [0, 0, 0],
      sizeMm: hullMm,
      axis: 'z',
      within: { host: host.id, how: 'around' },
    };
    taken.add(host.id).add(cord.id);
    made.push({
      host: host.id,
      hostAtMm: [edge, edge, 0],
      hostSizeMm: standingSides(host.form),
      hullMm,
      pieces: [piece],
    });
    items = asOne(items, host, [piece], { ...host.form, diameterMm: wound });
  }
  return { load: { ...load, items }, nests: made };
}

function mustStand(form: Form): boolean {
  return form.shape !== 'soft' && form.upright;
}

function stood(form: Form): Form {
  return form.shape === 'soft' ? form : { ...form, upright: true };
}

function hollowsOf({ items }: Load): readonly LoadItem[] {
  return items
    .filter(({ hollow, form }) => hollow && form.shape !== 'soft')
    .sort((one, other) => volumeMm3(other.hollow!) - volumeMm3(one.hollow!));
}

/** The items with a host that stands for others too. */
function asOne(
  items: readonly LoadItem[],
  host: LoadItem,
  pieces: readonly Stowed[],
  form: Form,
): readonly LoadItem[] {
  const inner = new Set(pieces.map(({ id }) => id));
  const together = items.filter(({ id }) => id === host.id || inner.has(id));
  const massG = together.reduce((sum, item) => sum + (item.massG ?? 0), 0);
  const isUrgent = together.some((item) => item.isUrgent);
  return items
    .filter(({ id }) => !inner.has(id))
    .map((item) => (item.id === host.id ? { ...item, form, massG, isUrgent } : item));
}

function sideOf(form: Form): number {
  return standingSides(form)[2];
}

function middled({ sizeMm, axis }: Omit<Solid, 'atMm'>, room: Container): Solid {
  const [l, w] = hullOf(room);
  return { atMm: [(l - sizeMm[0]) / 2, (w - sizeMm[1]) / 2, 0], sizeMm, axis };
}

function formOfHull(host: Form, [length, width, height]: Sides, isUpright: boolean): Form {
  const upright = isUpright || mustStand(host);
  return host.shape === 'cylinder'
    ? { ...host, heightMm: height, upright }
    : { shape: 'box', lengthMm: length, widthMm: width, heightMm: height, upright };
}
