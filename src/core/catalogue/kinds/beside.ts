import { every } from '../kind';

/** What kinds of one sort have in common: what harms them, their care, and what to beware of. */
export const blade = {
  spoiledBy: ['wet', 'salt'],
  care: [every(6, 'inspect')],
} as const;

export const chopping = {
  ...blade,
  never: 'ice|battle|throwing',
  cautions: ['Kneel with a short one.'],
} as const;

export const steelTool = { spoiledBy: ['wet', 'salt'], care: [every(12, 'inspect')] } as const;

export const fireStarter = { spoiledBy: ['wet'], care: [every(12, 'test')] } as const;

export const gasUnderPressure = {
  spoiledBy: ['heat', 'frost'],
  care: [every(12, 'inspect')],
  cautions: ['Away from food.'],
} as const;

export const treatment = {
  cautions: [
    'Dose, waiting time and what it does not kill are on its label. Cloudy or cold water needs more; chemical pollution stays in.',
  ],
} as const;

export const medicine = {
  spoiledBy: ['heat', 'frost', 'wet'],
  care: [every(6, 'inspect')],
} as const;

export const dressing = {
  spoiledBy: ['wet', 'heat'],
  care: [every(12, 'inspect')],
  cautions: ['A dressing that was wet or torn is not sterile.'],
} as const;

export const insulation = { spoiledBy: ['wet'], care: [every(6, 'dry')] } as const;

export const coated = { spoiledBy: ['sun', 'wet'], care: [every(12, 'dry')] } as const;

export const onCells = { spoiledBy: ['wet', 'heat'], care: [every(6, 'test')] } as const;

export const storedFood = { spoiledBy: ['heat', 'wet'], care: [every(6, 'rotate')] } as const;

export const liquid = { spoiledBy: ['heat', 'frost'], care: [every(12, 'replace')] } as const;

/** What lets no air through, over a face. */
export const sealedFilm = {
  cautions: ['Keep the face free; away from flame and from children.'],
} as const;

export const cloth = { care: [every(12, 'clean')] } as const;

export const rope = { spoiledBy: ['sun', 'wet'], care: [every(12, 'inspect')] } as const;

export const vessel = { care: [every(12, 'clean')] } as const;

export const doubleWall = {
  only: 'double|double wall|insulated|vacuum|thermal|tumbler|travel',
  care: [every(12, 'clean')],
  cautions: ['Double-walled: never heat it, closed or open. It can burst.'],
} as const;

export const plasticVessel = { spoiledBy: ['frost', 'heat'], care: [every(12, 'clean')] } as const;
