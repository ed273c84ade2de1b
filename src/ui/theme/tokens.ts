/** The sizes that the look is built from, in quarters of a rem: `4` is one rem. */
const steps = [
  0.5, 1, 1.5, 2, 2.5, 3, 3.5, 4, 5, 6, 7, 8, 9, 10, 11, 12, 14, 16, 20, 24, 28, 32, 40, 48, 56, 64,
];

function valued(values: Readonly<Record<string, string>>): Record<string, { value: string }> {
  return Object.fromEntries(Object.entries(values).map(([name, value]) => [name, { value }]));
}

function numbered(values: Readonly<Record<string, number>>): Record<string, { value: number }> {
  return Object.fromEntries(Object.entries(values).map(([name, value]) => [name, { value }]));
}

const spacing = valued(Object.fromEntries(steps.map((step) => [String(step), `${step / 4}rem`])));

export const tokens = {
  spacing,
  sizes: {
    ...spacing,
    ...valued({
      xs: '20rem',
      sm: '24rem',
      md: '28rem',
      lg: '32rem',
      xl: '36rem',
      '2xl': '42rem',
      '3xl': '48rem',
      full: '100%',
      dvh: '100dvh',
      dvw: '100dvw',
    }),
  },
  radii: valued({ xs: '4px', sm: '8px', md: '12px', lg: '18px', full: '9999px' }),
  fontSizes: valued({
    '2xs': '0.6875rem',
    xs: '0.75rem',
    sm: '0.875rem',
    md: '1rem',
    lg: '1.125rem',
    xl: '1.25rem',
    '2xl': '1.5rem',
    '3xl': '1.875rem',
  }),
  fontWeights: valued({ normal: '400', medium: '500', semibold: '600', bold: '700' }),
  lineHeights: valued({ shorter: '1.25', short: '1.375', moderate: '1.5', tall: '1.625' }),
  fonts: valued({
    heading: "'Bitter Variable', Georgia, serif",
    body: "'Source Sans 3 Variable', 'Segoe UI', sans-serif",
  }),
  durations: valued({
    fastest: '50ms',
    faster: '100ms',
    fast: '150ms',
    moderate: '200ms',
    slow: '300ms',
    slower: '400ms',
  }),
  shadows: valued({
    sm: '0 1px 3px rgba(40, 24, 10, 0.22)',
    md: '0 3px 8px rgba(40, 24, 10, 0.22)',
    lg: '0 8px 24px rgba(40, 24, 10, 0.32)',
  }),
  zIndex: numbered({
    docked: 10,
    dropdown: 1000,
    sticky: 1100,
    overlay: 1300,
    modal: 1400,
    popover: 1500,
    toast: 1700,
  }),
};

/** Corners by how deep a part lies in another. */
export const semanticRadii = {
  l1: { value: '{radii.xs}' },
  l2: { value: '{radii.xs}' },
  l3: { value: '{radii.md}' },
};

/** How dialogs and popovers come and go: the motions that their recipes name. */
export const keyframes = {
  'fade-in': { from: { opacity: 0 }, to: { opacity: 1 } },
  'fade-out': { from: { opacity: 1 }, to: { opacity: 0 } },
  'scale-in': { from: { scale: '0.95' }, to: { scale: '1' } },
  'scale-out': { from: { scale: '1' }, to: { scale: '0.95' } },
  'slide-from-bottom': { '0%': { translate: '0 0.5rem' }, to: { translate: '0' } },
  'slide-to-bottom': { '0%': { translate: '0' }, to: { translate: '0 0.5rem' } },
};
