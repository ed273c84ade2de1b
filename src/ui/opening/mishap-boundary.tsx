'use client';

import { Text } from '@chakra-ui/react';
import { Component, type ReactNode } from 'react';
import { later } from '../late/later';

const Mishap = later(
  () => import('./mishap').then((module) => module.Mishap),
  <Text>This page could not be shown. Your bench is in this browser.</Text>,
);

interface MishapBoundaryProps {
  readonly children: ReactNode;
  /** Another page or another kit: what failed before is tried again. */
  readonly of: string;
}

interface MishapBoundaryState {
  readonly error: unknown;
}

/** Catches what fails while the kit on the table is worked out or drawn around the pages. */
export class MishapBoundary extends Component<MishapBoundaryProps, MishapBoundaryState> {
  override state: MishapBoundaryState = { error: null };

  static getDerivedStateFromError(error: unknown): MishapBoundaryState {
    return { error: error ?? new Error('nothing was thrown') };
  }

  override componentDidUpdate({ of }: MishapBoundaryProps): void {
    if (of !== this.props.of && this.state.error !== null) this.setState({ error: null });
  }

  override render(): ReactNode {
    const { error } = this.state;
    return error === null ? (
      this.props.children
    ) : (
      <Mishap error={error} onRetry={() => this.setState({ error: null })} />
    );
  }
}
