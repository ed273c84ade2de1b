import { bulkOf, type Bulk } from '../gear';
import { gearOf, totalsOf, treeOf, type Loadout, type Shelf } from '../loadout';
import type { Placement } from '../loadout';
import { innermostFirst, type Known } from './innermost-first';
import { bundle, mostBundled, type HardPiece } from './bundle';
import type { PackedForm, Sides, SoftForm } from './load/cargo';
import { ascending } from './load/forms';

/** How much of a heap of small hard pieces is the pieces themselves: spheres poured at random (G. D. Scott, 1960). */
const pouredShare = 0.64;

/** How much of the gaps between hard pieces soft ones take (own). */
const gapShare = 0.5;

/** Of one of its count, by the placement’s id; null where some of it has no size. */
type Outsides = Known<PackedForm | null>;

/**
 * Every piece of a loadout from outside, holders from the innermost outwards. A rigid holder keeps its shape. A soft one
 * takes that of its contents: what is hard in it is put together as one box, what is soft lies round that and in the
 * gaps, within the cloth. Null where some of it has no size.
 */
export const outsidesOf = innermostFirst(outsideOf);

function outsideOf(
  placement: Placement,
  loadout: Loadout,
  shelf: Shelf,
  outsides: Outsides,
): PackedForm | null {
  const { form, cavities } = gearOf(shelf, placement);
  if (form === null || form.shape !== 'soft') return form;
  const tree = treeOf(loadout);
  const inside = tree.within(placement.id);
  if (inside.length === 0) return form;
  const { bulk, unmeasured } = totalsOf(loadout, shelf).branches.get(placement.id)!;
  if (unmeasured > 0) return null;
  const rooms = cavities.map((cavity) => ({
    longestMm: cavity.inside.shape === 'soft' ? cavity.inside.longestMm : Infinity,
    held: tree
      .inCavity(placement.id, cavity.id)
      .flatMap((inner) => heldOf(outsides.get(inner.id) ?? null, inner.count)),
  }));
  return filled(form, bulk, rooms);
}

function heldOf(form: PackedForm | null, count: number): readonly PackedForm[] {
  return form === null ? [] : Array.from({ length: count }, () => form);
}

interface Room {
  readonly longestMm: number;
  readonly held: readonly PackedForm[];
}

/** A soft holder with what is in it: as a box where most of that is hard, else as something soft with a hard core. */
function filled(cloth: SoftForm, bulk: Bulk, rooms: readonly Room[]): PackedForm {
  const forms = rooms.flatMap(({ held }) => held);
  const cores = rooms.flatMap(({ held, longestMm }) => coreIn(held, longestMm));
  const soft = forms.filter((form): form is SoftForm => form.shape === 'soft');
  const thinnestMm = Math.max(cloth.thinnestMm, ...soft.map((form) => form.thinnestMm));
  const longestRigidMm = Math.max(cloth.longestRigidMm, ...soft.map((form) => form.longestRigidMm));
  if (cores.length === 0) return { ...cloth, ...bulk, thinnestMm, longestRigidMm };
  const { sidesMm, stands } = bundle(cores, Infinity);
  const coreMl = volumeMl(sidesMm);
  const hardMl = forms.reduce((sum, form) => sum + hardMlOf(form), 0);
  const flowingMl = forms.reduce((sum, form) => sum + bulkOf(form).tightMl, 0) - hardMl;
  const beside = Math.max(0, flowingMl - gapShare * Math.max(0, coreMl - hardMl));
  const tightMl = Math.max(bulk.tightMl, coreMl + cloth.tightMl + beside);
  const looseMl = Math.max(bulk.looseMl, tightMl);
  if (stands || coreMl >= tightMl / 2) return grown(sidesMm, stands, tightMl);
  const coreMm = ascending(sidesMm);
  return { ...cloth, tightMl, looseMl, thinnestMm, longestRigidMm, coreMm };
}

/** What is hard in one room, put together; the smallest of very many pieces flow, and are counted so. */
function coreIn(held: readonly PackedForm[], longestMm: number): readonly HardPiece[] {
  const hard = held
    .flatMap(hardOf)
    .sort((one, other) => volumeMl(other.sidesMm) - volumeMl(one.sidesMm));
  if (hard.length === 0) return [];
  const whole = bundledOnce(hard.slice(0, mostBundled), longestMm);
  const rest = hard.slice(mostBundled);
  if (rest.length === 0) return [whole];
  const heapMl = rest.reduce((sum, { sidesMm }) => sum + volumeMl(sidesMm), 0) / pouredShare;
  const thick = (heapMl * 1000) / (whole.sidesMm[0] * whole.sidesMm[1]);
  const [a, b, up] = whole.sidesMm;
  return [{ ...whole, sidesMm: [a, b, up + thick] }];
}

const bundled = new Map<string, HardPiece>();
const mostKept = 2000;

/** The same pieces are put together once, whatever else changes round them. */
function bundledOnce(pieces: readonly HardPiece[], longestMm: number): HardPiece {
  const key = `${longestMm} ${pieces.map(({ sidesMm, stands }) => `${sidesMm.join()}${stands ? '!' : ''}`).join(' ')}`;
  const known = bundled.get(key) ?? bundle(pieces, longestMm);
  if (bundled.size >= mostKept) bundled.clear();
  bundled.set(key, known);
  return known;
}

function hardOf(form: PackedForm): readonly HardPiece[] {
  switch (form.shape) {
    case 'box':
      return [{ sidesMm: [form.lengthMm, form.widthMm, form.heightMm], stands: form.upright }];
    case 'cylinder':
      return [{ sidesMm: [form.diameterMm, form.diameterMm, form.heightMm], stands: form.upright }];
    case 'soft':
      return form.coreMm ? [{ sidesMm: form.coreMm, stands: false }] : [];
  }
}

function hardMlOf(form: PackedForm): number {
  if (form.shape !== 'soft') return bulkOf(form).tightMl;
  return form.coreMm ? volumeMl(form.coreMm) : 0;
}

/** A box that has grown over its shortest side, one that is level where it stands, until it is so large. */
function grown(sidesMm: Sides, stands: boolean, tightMl: number): PackedForm {
  const by = Math.max(1, tightMl / volumeMl(sidesMm));
  const [a, b, heightMm] = stands ? sidesMm : ascending(sidesMm);
  const [shorter, longer] = a < b ? [a, b] : [b, a];
  return { shape: 'box', lengthMm: longer, widthMm: shorter * by, heightMm, upright: stands };
}

function volumeMl([a, b, c]: Sides): number {
  return (a * b * c) / 1000;
}
