'use client';

import { chakra } from '@chakra-ui/react';
import { inputRecipe } from '@chakra-ui/react/theme';

/** A line to type into by itself. Within a field of a form, the library’s own knows what is wrong with it. */
export const Input = chakra('input', inputRecipe, { defaultProps: { autoComplete: 'off' } });
