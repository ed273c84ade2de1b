'use client';

import { chakra } from '@chakra-ui/react';
import { textareaRecipe } from '@chakra-ui/react/theme';

/** Several lines to type into. */
export const TextArea = chakra('textarea', textareaRecipe);
