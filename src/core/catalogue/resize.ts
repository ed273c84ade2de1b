import { tenths } from '../quantity';
import {
  jobs,
  roomMl,
  type Cavity,
  type Contents,
  type Form,
  type Gear,
  type Inside,
  type JobId,
  type Trust,
} from '../gear';

/**
 * The gear with another capacity in mL: what it carries and boils, its cavities, and its size (by the cube root) and mass (by
 * the surface), which are then typical of it.
 */
export function withCapacity(gear: Gear, volumeMl: number): Gear {
  const before = capacityOf(gear);
  if (before === 0) return gear;
  const ratio = volumeMl / before;
  const linear = Math.cbrt(ratio);
  return {
    ...gear,
    massG: gear.massG === null ? null : tenths(gear.massG * linear ** 2),
    form: gear.form && scaledForm(gear.form, linear),
    cavities: gear.cavities.map((cavity) => ({
      ...cavity,
      inside: scaledInside(cavity.inside, linear),
    })),
    contents: gear.contents?.unit === 'mL' ? scaledContents(gear.contents, ratio) : gear.contents,
    supplies: gear.supplies.map((supply) =>
      jobs[supply.job].unit === 'mL' && supply.amount !== null
        ? { ...supply, amount: tenths(supply.amount * ratio) }
        : supply,
    ),
  };
}

/**
 * What it is sold as holding: the most it carries, or else the room of all its cavities together, as packs are sold with
 * their pockets counted; 0 where it holds nothing.
 */
export function capacityOf({ supplies, cavities }: Pick<Gear, 'supplies' | 'cavities'>): number {
  const carried = supplies
    .filter(({ job }) => jobs[job].unit === 'mL')
    .map(({ amount }) => amount ?? 0);
  const most = Math.max(0, ...carried);
  if (most > 0) return most;
  return cavities.reduce(
    (sum, { inside }) => sum + (inside.shape === 'soft' ? inside.volumeMl : roomMl(inside)),
    0,
  );
}

/** The gear with another length in metres, for what is counted in metres: mass and bulk follow. */
export function withLength(gear: Gear, lengthM: number): Gear {
  return withAmount(gear, 'm', lengthOf(gear), lengthM);
}

type Lengthy = Pick<Gear, 'supplies'> & {
  readonly contents: Pick<Contents, 'unit' | 'full'> | null;
};

/** How many metres of it there are; null where it is not counted in metres. */
export function lengthOf({ supplies, contents }: Lengthy): number | null {
  // What is in one is its length: the strands that a cord is split into are longer together.
  return contents?.unit === 'm' ? contents.full : mostOf({ supplies }, 'm');
}

/** The gear with another area in m², for a sheet: mass and bulk follow, as it is as thick as before. */
function withArea(gear: Gear, areaM2: number): Gear {
  return withAmount(gear, 'm²', areaOf(gear), areaM2);
}

/** The gear as a sheet of two sides, in m: its area, and what is pitched of it. */
export function withSheet(gear: Gear, oneM: number, otherM: number): Gear {
  const [lengthM, widthM] = oneM >= otherM ? [oneM, otherM] : [otherM, oneM];
  const sized = withArea(gear, lengthM * widthM);
  return {
    ...sized,
    supplies: sized.supplies.map((supply) =>
      supply.job === 'roof' ? { ...supply, facts: { of: 'sheet', lengthM, widthM } } : supply,
    ),
  };
}

/** How large it is laid out, in m²; null where that is nothing it is used for. */
export function areaOf(gear: Pick<Gear, 'supplies'>): number | null {
  return mostOf(gear, 'm²');
}

function mostOf({ supplies }: Pick<Gear, 'supplies'>, unit: 'm' | 'm²'): number | null {
  const amounts = supplies.flatMap(({ job, amount }) =>
    jobs[job].unit === unit && amount !== null && amount > 0 ? [amount] : [],
  );
  return amounts.length === 0 ? null : Math.max(...amounts);
}

/** All amounts in `unit`, the mass, the bulk and the price by the ratio of `after` to `before`. */
function withAmount(gear: Gear, unit: 'm' | 'm²', before: number | null, after: number): Gear {
  if (before === null) return gear;
  const ratio = after / before;
  return {
    ...gear,
    massG: gear.massG === null ? null : tenths(gear.massG * ratio),
    form: gear.form && scaledForm(gear.form, Math.cbrt(ratio)),
    priceMinor: gear.priceMinor === null ? null : Math.round(gear.priceMinor * ratio),
    contents: gear.contents?.unit === 'm' ? scaledContents(gear.contents, ratio) : gear.contents,
    // What is used up of one reel goes by its length: twice the twine is twice the tinder.
    supplies: gear.supplies.map((supply) =>
      (jobs[supply.job].unit === unit || (unit === 'm' && jobs[supply.job].isUsedUp)) &&
      supply.amount !== null
        ? { ...supply, amount: tenths(supply.amount * ratio) }
        : supply,
    ),
  };
}

/** A smaller or lighter one of its kind: so many times its mass and bulk, and its price and jobs as they were. */
export function withMassShare(gear: Gear, share: number): Gear {
  return {
    ...gear,
    massG: gear.massG === null ? null : tenths(gear.massG * share),
    form: gear.form && scaledForm(gear.form, Math.cbrt(share)),
  };
}

/** The gear with so many times as much of these jobs. */
export function withAmountOf(gear: Gear, of: readonly JobId[], ratio: number): Gear {
  return {
    ...gear,
    supplies: gear.supplies.map((supply) =>
      of.includes(supply.job) && supply.amount !== null
        ? { ...supply, amount: tenths(supply.amount * ratio) }
        : supply,
    ),
  };
}

/** The gear with another outside; rigid cavities of the same shape keep the thickness of their walls. */
export function withSides(gear: Gear, form: Form, formTrust: Trust): Gear {
  const before = gear.form;
  return {
    ...gear,
    form,
    formTrust,
    cavities: gear.cavities.map((cavity) => ({
      ...cavity,
      inside: insideWithin(cavity, before, form),
    })),
  };
}

function insideWithin({ inside }: Cavity, before: Form | null, after: Form): Inside {
  if (inside.shape === 'cylinder' && before?.shape === 'cylinder' && after.shape === 'cylinder') {
    return {
      shape: 'cylinder',
      diameterMm: lessWall(after.diameterMm, before.diameterMm - inside.diameterMm),
      heightMm: lessWall(after.heightMm, before.heightMm - inside.heightMm),
    };
  }
  if (inside.shape === 'box' && before?.shape === 'box' && after.shape === 'box') {
    return {
      shape: 'box',
      lengthMm: lessWall(after.lengthMm, before.lengthMm - inside.lengthMm),
      widthMm: lessWall(after.widthMm, before.widthMm - inside.widthMm),
      heightMm: lessWall(after.heightMm, before.heightMm - inside.heightMm),
    };
  }
  return inside;
}

/** A wall is never thicker than half of the side. */
function lessWall(sideMm: number, wallMm: number): number {
  return Math.max(sideMm / 2, sideMm - Math.max(0, wallMm));
}

/**
 * The gear with so much in a full one, in the unit of its contents: what it does follows, and what it weighs and how large it is.
 * What holds the contents grows as a surface does.
 */
export function withContents(gear: Gear, full: number): Gear {
  const { contents } = gear;
  if (contents === null || full <= 0) return gear;
  const ratio = full / contents.full;
  const massG =
    gear.massG === null
      ? null
      : tenths((gear.massG - contents.massG) * Math.cbrt(ratio) ** 2 + contents.massG * ratio);
  const isSized = gear.formTrust === 'typical' && contents.massG > 0;
  return {
    ...gear,
    massG,
    form: gear.form && (isSized ? scaledForm(gear.form, Math.cbrt(ratio)) : gear.form),
    priceMinor: gear.priceMinor === null ? null : Math.round(gear.priceMinor * ratio),
    contents: scaledContents(contents, ratio),
    supplies: gear.supplies.map((supply) =>
      jobs[supply.job].isUsedUp && supply.amount !== null
        ? { ...supply, amount: tenths(supply.amount * ratio) }
        : supply,
    ),
  };
}

function scaledContents(contents: Contents, ratio: number): Contents {
  const full = tenths(contents.full * ratio);
  return { ...contents, full, left: full, massG: tenths(contents.massG * ratio) };
}

function scaledForm(form: Form, linear: number): Form {
  switch (form.shape) {
    case 'box':
      return {
        ...form,
        lengthMm: tenths(form.lengthMm * linear),
        widthMm: tenths(form.widthMm * linear),
        heightMm: tenths(form.heightMm * linear),
      };
    case 'cylinder':
      return {
        ...form,
        diameterMm: tenths(form.diameterMm * linear),
        heightMm: tenths(form.heightMm * linear),
      };
    case 'soft':
      return {
        ...form,
        looseMl: tenths(form.looseMl * linear ** 3),
        tightMl: tenths(form.tightMl * linear ** 3),
      };
  }
}

function scaledInside(inside: Inside, linear: number): Inside {
  switch (inside.shape) {
    case 'box':
      return {
        shape: 'box',
        lengthMm: tenths(inside.lengthMm * linear),
        widthMm: tenths(inside.widthMm * linear),
        heightMm: tenths(inside.heightMm * linear),
      };
    case 'cylinder':
      return {
        shape: 'cylinder',
        diameterMm: tenths(inside.diameterMm * linear),
        heightMm: tenths(inside.heightMm * linear),
      };
    case 'soft':
      return {
        ...inside,
        volumeMl: tenths(inside.volumeMl * linear ** 3),
        longestMm: tenths(inside.longestMm * linear),
      };
  }
}
