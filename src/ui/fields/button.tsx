'use client';

import { chakra } from '@chakra-ui/react';
import type { ComponentProps } from 'react';
import styles from './button.module.css';

const Base = chakra('button');

export interface ButtonProps extends Omit<ComponentProps<typeof Base>, 'size'> {
  readonly variant?: 'main' | 'plain' | 'bare' | 'pill' | 'alarm';
  /** All but `xs` are as tall as a thumb; that one is so on a phone. */
  readonly size?: 'md' | 'sm' | 'xs' | 'icon';
}

/** Something to press. */
export function Button({ variant = 'plain', size = 'md', className, ...rest }: ButtonProps) {
  const classes = [styles.button, styles[variant], styles[size], className];
  return <Base type="button" className={classes.filter(Boolean).join(' ')} {...rest} />;
}
