'use client';

import { chakra, defineRecipe } from '@chakra-ui/react';

/** One of several, in the list that the system opens: a box with two strokes that point down. */
const selectRecipe = defineRecipe({
  base: {
    appearance: 'none',
    height: '11',
    paddingLeft: '3',
    paddingRight: '8',
    borderWidth: '1px',
    borderColor: 'border',
    borderRadius: 'l2',
    color: 'fg',
    cursor: 'pointer',
    textOverflow: 'ellipsis',
    backgroundColor: 'panel',
    backgroundImage:
      'linear-gradient(45deg, transparent 50%, currentColor 50%), linear-gradient(135deg, currentColor 50%, transparent 50%)',
    backgroundPosition: 'calc(100% - 15px) 54%, calc(100% - 10px) 54%',
    backgroundSize: '5px 5px',
    backgroundRepeat: 'no-repeat',
    '& option': { color: 'fg', backgroundColor: 'panel' },
    _disabled: { opacity: 0.5, cursor: 'not-allowed' },
  },
  variants: {
    variant: {
      framed: {},
      bare: { borderColor: 'transparent', backgroundColor: 'transparent', paddingLeft: '1' },
    },
  },
  defaultVariants: { variant: 'framed' },
});

export const Select = chakra('select', selectRecipe);
