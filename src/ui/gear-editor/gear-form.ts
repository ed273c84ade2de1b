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
  ContentUnit,
  Fitness,
  Form,
  Gear,
  Inside,
  JobId,
  Ownership,
  Reach,
  Silhouette,
  Sort,
  Stuff,
  Tier,
} from '@/core/gear';
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
  /** For something soft. */
  loose: string;
  tight: string;
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
  /** Which supply of the piece it was; null for a new one. */
  was: number | null;
}

export interface CavityRow {
  name: string;
  /** A size for rigid walls, or a volume for soft ones. */
  inside: string;
  reach: Reach;
  waterproof: boolean;
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
    supplies: gear.supplies.map(({ job, fitness, amount, sort }, was) => ({
      job,
      fitness,
      amount: amount === null ? '' : String(amount),
      sort: sort ?? '',
      was,
    })),
    cavities: gear.cavities.map(({ name, inside, reach, waterproof }, was) => ({
      name,
      inside: insideText(inside, units),
      reach,
      waterproof,
      was,
    })),
  };
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
