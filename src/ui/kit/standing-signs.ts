import type { Standing } from '@/core/needs/need';

/** The sign and the colour of how a need stands. */
export const standingSigns: Readonly<
  Record<Standing, { readonly sign: string; readonly colour: string; readonly bar: string }>
> = {
  met: { sign: '●', colour: 'leaf.fg', bar: 'leaf.vivid' },
  short: { sign: '▲', colour: 'amber.fg', bar: 'amber.solid' },
  none: { sign: '■', colour: 'signal.fg', bar: 'signal.solid' },
  'not known': { sign: '?', colour: 'fg.muted', bar: 'tag.deep' },
};
