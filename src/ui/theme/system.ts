import { createSystem, defaultBaseConfig, defineConfig, mergeConfigs } from '@chakra-ui/react';
import { breakpoints } from '@chakra-ui/react/theme';
import { keyframes, semanticRadii, tokens } from './tokens';

function both(light: string, dark: string) {
  return { value: { base: light, _dark: dark } };
}

const acorn = defineConfig({
  preflight: true,
  cssVarsPrefix: 'acorn',
  cssVarsRoot: ':where(html)',
  globalCss: {
    'html, body': {
      bg: 'canvas',
      color: 'fg',
      fontFamily: 'body',
      fontVariantNumeric: 'tabular-nums',
    },
    '*, *::before, *::after': { borderColor: 'border' },
    'h1, h2, h3': { fontFamily: 'heading', fontWeight: '700' },
    '*:focus-visible': { outline: '3px solid', outlineColor: 'focus', outlineOffset: '2px' },
    '::placeholder': { color: 'fg.muted', opacity: 1 },
  },
  theme: {
    breakpoints,
    keyframes,
    tokens,
    semanticTokens: {
      radii: semanticRadii,
      colors: {
        canvas: both('#f5e9d3', '#1d1611'),
        scrim: both('rgba(45, 32, 24, 0.42)', 'rgba(0, 0, 0, 0.62)'),
        panel: both('#fffaee', '#2b211a'),
        mat: {
          DEFAULT: both('#fbf3e2', '#251c16'),
          line: both('#efe3ca', '#30261e'),
          label: both('#eee2c6', '#33281f'),
        },
        bark: both('#35251a', '#120d09'),
        wood: both('#b98d58', '#6d5237'),
        onbark: { DEFAULT: both('#f3e6cf', '#f3e6cf'), muted: both('#d3bfa3', '#c9b596') },
        tag: { DEFAULT: both('#eadbbb', '#3d3026'), deep: both('#dfcca4', '#4b3c30') },
        fg: {
          DEFAULT: both('#2d2018', '#f5ead7'),
          muted: both('#66523f', '#cbb99c'),
          subtle: both('#66523f', '#cbb99c'),
          error: both('#a8330a', '#ff9e6b'),
        },
        border: {
          DEFAULT: both('#d9c7a2', '#4a3c30'),
          emphasized: both('#8b7558', '#8d7a62'),
          muted: both('#e4d5b5', '#3d3128'),
          error: both('#a8330a', '#ff9e6b'),
        },
        bg: {
          DEFAULT: both('#fffaee', '#2b211a'),
          scrim: both('rgba(45, 32, 24, 0.42)', 'rgba(0, 0, 0, 0.62)'),
          panel: both('#fffaee', '#2b211a'),
          subtle: both('#f5e9d3', '#1d1611'),
          muted: both('#eadbbb', '#3d3026'),
          emphasized: both('#dfcca4', '#4b3c30'),
        },
        leaf: {
          solid: both('#23702b', '#7ed069'),
          deep: both('#1b5a22', '#98de86'),
          contrast: both('#ffffff', '#12200d'),
          fg: both('#1f6827', '#93dc80'),
          soft: both('#dcebc8', '#26391d'),
          vivid: both('#4fbf3a', '#4fbf3a'),
        },
        signal: {
          fg: both('#a8330a', '#ff9e6b'),
          solid: both('#d9541b', '#ff8a4d'),
          soft: both('#fbdcc4', '#4a2413'),
        },
        amber: { fg: both('#7a5200', '#f0c25e'), solid: both('#d99a1c', '#e8b23f') },
        focus: both('#1f6827', '#93dc80'),
      },
    },
  },
});

export const system = createSystem(mergeConfigs(defaultBaseConfig, acorn));
