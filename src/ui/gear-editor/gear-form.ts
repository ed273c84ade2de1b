import {
  printLength,
  printMass,
  printMoney,
  printSize,
  printVolume,
  type Currency,
  type UnitSystem,
} from '@/core/quantity';
import type {
  Cavity,
  Closure,
  ContentUnit,
  Fitness,
  Form,
  Gear,
  Inside,
  JobId,
  Mouth,
  Ownership,
  Reach,
  Silhouette,
  Sort,
  Stuff,
  Supply,
  Tier,
} from '@/core/gear';
import { demandsText } from './demands-text';
import { careText, harmsText } from './keeping-text';

/** A piece as it stands in the editor: text as typed. What is left as it was keeps its exact figure. */
export interface GearForm {
  name: string;
  count: string;
  ownership: Ownership;
  tier: Tier;
  /** Empty while it is at home. */
  lentTo: string;
  isShared: 'yes' | 'no';
  /** Of a full one. */
  mass: string;
  shape: Form['shape'] | 'unknown';
  /** For a box and a cylinder. */
  size: string;
  /** For a box and a cylinder: whether it stays as it stands. */
  upright: 'yes' | 'no';
  /** For something soft. */
  loose: string;
  tight: string;
  thinnest: string;
  longestRigid: string;
  /** What it bears when something hangs on it, as a mass or a load; empty where that is no use of it. */
  bears: string;
  /** What it carries at most over all its cavities. */
  mostLoad: string;
  price: string;
  /** What is used up of it; empty for nothing. */
  unit: ContentUnit | '';
  full: string;
  left: string;
  contentsMass: string;
  goodUntil: string;
  silhouette: Silhouette;
  stuff: Stuff;
  colour: string;
  note: string;
  /** Harms, as `wet, frost`. */
  spoiledBy: string;
  failsIn: string;
  /** As `inspect 6, dry 12`. */
  care: string;
  /** One a line. */
  cautions: string;
  supplies: SupplyRow[];
  cavities: CavityRow[];
}

export interface SupplyRow {
  job: JobId;
  fitness: Fitness;
  amount: string;
  /** What it is of, where its job has sorts; empty where nobody knows. */
  sort: Sort | '';
  /** What it relies on, as `fuel of gas; the sun`. */
  relies: string;
  /** Why it relies on less than its job usually does; kept with the note. */
  because: string;
  bothHands: 'yes' | 'no';
  /** Which part does it; empty for the piece itself. */
  part: string;
  /** Which supply of the piece it was; null for a new one. */
  was: number | null;
}

export interface CavityRow {
  name: string;
  /** A size for rigid walls, or a volume for soft ones. */
  inside: string;
  /** How wide it opens, as `44 mm` or `120x60 mm`; empty where it opens over its whole section. */
  mouth: string;
  /** The most it may carry; empty where nobody says. */
  most: string;
  closure: Closure | '';
  reach: Reach;
  waterproof: 'yes' | 'no';
  was: number | null;
}

export interface FormSetting {
  readonly units: UnitSystem;
  readonly currency: Currency;
}

/** Which fields are wrong, by their path in the form, and what would be understood. */
export type FormProblems = Readonly<Record<string, string>>;

export function formOf(gear: Gear, { units, currency }: FormSetting): GearForm {
  const { form } = gear;
  return {
    name: gear.name,
    count: String(gear.count),
    ownership: gear.ownership,
    tier: gear.tier,
    lentTo: gear.lentTo ?? '',
    isShared: gear.isShared ? 'yes' : 'no',
    mass: gear.massG === null ? '' : printMass(gear.massG, units),
    shape: form?.shape ?? 'unknown',
    size: form === null || form.shape === 'soft' ? '' : printSize(sidesOf(form), units),
    upright: form !== null && form.shape !== 'soft' && form.upright ? 'yes' : 'no',
    thinnest: form?.shape === 'soft' ? printLength(form.thinnestMm, units) : '',
    longestRigid: form?.shape === 'soft' ? printLength(form.longestRigidMm, units) : '',
    bears: gear.bearsN === null ? '' : `${gear.bearsN} N`,
    mostLoad: gear.mostLoadG === null ? '' : printMass(gear.mostLoadG, units),
    loose: form?.shape === 'soft' ? printVolume(form.looseMl, units) : '',
    tight: form?.shape === 'soft' ? printVolume(form.tightMl, units) : '',
    price: gear.priceMinor === null ? '' : printMoney(gear.priceMinor, currency),
    unit: gear.contents?.unit ?? '',
    full: gear.contents === null ? '' : String(gear.contents.full),
    left: gear.contents === null ? '' : String(gear.contents.left),
    contentsMass: gear.contents === null ? '' : printMass(gear.contents.massG, units),
    goodUntil: gear.goodUntil ?? '',
    silhouette: gear.look.silhouette,
    stuff: gear.look.stuff,
    colour: gear.look.colour,
    note: gear.note,
    spoiledBy: harmsText(gear.spoiledBy),
    failsIn: harmsText(gear.failsIn),
    care: careText(gear.care),
    cautions: gear.cautions.join('\n'),
    supplies: gear.supplies.map((supply, was) => supplyRowOf(supply, was)),
    cavities: gear.cavities.map((cavity, was) => cavityRowOf(cavity, was, units)),
  };
}

/** A supply as it stands in the editor. */
export function supplyRowOf(
  { job, fitness, amount, sort, demands, needsBothHands, part }: Supply,
  was: number | null,
): SupplyRow {
  return {
    job,
    fitness,
    amount: amount === null ? '' : String(amount),
    sort: sort ?? '',
    relies: demandsText(demands),
    because: '',
    bothHands: needsBothHands ? 'yes' : 'no',
    part: part ?? '',
    was,
  };
}

function cavityRowOf(
  { name, inside, mouth, mostMassG, closure, reach, waterproof }: Cavity,
  was: number,
  units: UnitSystem,
): CavityRow {
  return {
    name,
    inside: insideText(inside, units),
    mouth: mouthText(mouth, units),
    most: mostMassG === null ? '' : printMass(mostMassG, units),
    closure: closure ?? '',
    reach,
    waterproof: waterproof ? 'yes' : 'no',
    was,
  };
}

function mouthText(mouth: Mouth, units: UnitSystem): string {
  switch (mouth.shape) {
    case 'section':
      return '';
    case 'round':
      return printLength(mouth.diameterMm, units);
    case 'slot':
      return printSize([mouth.lengthMm, mouth.widthMm], units);
  }
}

function insideText(inside: Inside, units: UnitSystem): string {
  switch (inside.shape) {
    case 'box':
      return printSize([inside.lengthMm, inside.widthMm, inside.heightMm], units);
    case 'cylinder':
      return printSize([inside.diameterMm, inside.heightMm], units);
    case 'soft':
      return `${printVolume(inside.volumeMl, units)}, ${printLength(inside.longestMm, units)}`;
  }
}

function sidesOf(form: Exclude<Form, { shape: 'soft' }>): readonly number[] {
  return form.shape === 'box'
    ? [form.lengthMm, form.widthMm, form.heightMm]
    : [form.diameterMm, form.heightMm];
}
