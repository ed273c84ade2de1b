'use client';

import { chakra, defineRecipe } from '@chakra-ui/react';

/** Buttons are cut from bark and paper: flat, rounded like a worn tag, tall enough for a thumb. */
const buttonRecipe = defineRecipe({
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    justifyContent: 'center',
    gap: '2',
    minHeight: '11',
    paddingX: '4',
    borderRadius: '10px',
    fontWeight: '600',
    lineHeight: '1.15',
    textAlign: 'center',
    whiteSpace: 'nowrap',
    cursor: 'pointer',
    transition: 'background 120ms, transform 120ms',
    _disabled: { opacity: 0.5, cursor: 'not-allowed' },
    _active: { transform: 'translateY(1px)' },
  },
  variants: {
    variant: {
      main: { bg: 'leaf.solid', color: 'leaf.contrast', _hover: { bg: 'leaf.deep' } },
      plain: { bg: 'tag', color: 'fg', _hover: { bg: 'tag.deep' } },
      bare: { color: 'fg', _hover: { bg: 'tag' } },
      alarm: {
        color: 'signal.fg',
        borderWidth: '1px',
        borderColor: 'signal.fg',
        _hover: { bg: 'signal.soft' },
      },
    },
    size: {
      md: { fontSize: 'md' },
      sm: { fontSize: 'sm', minHeight: '9', paddingX: '3' },
      icon: { minWidth: '11', paddingX: '0' },
    },
  },
  defaultVariants: { variant: 'plain', size: 'md' },
});

export const Button = chakra('button', buttonRecipe, { defaultProps: { type: 'button' } });
