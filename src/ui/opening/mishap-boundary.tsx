'use client';

import { Text } from '@chakra-ui/react';
import dynamic from 'next/dynamic';
import { Component, type ReactNode } from 'react';

const Mishap = dynamic(() => import('./mishap').then((module) => module.Mishap), {
  loading: () => <Text>This page could not be shown. Your bench is in this browser.</Text>,
});

interface MishapBoundaryState {
  readonly hasFailed: boolean;
}

/** Catches what fails while the kit on the table is worked out or drawn around the pages. */
export class MishapBoundary extends Component<
  { readonly children: ReactNode },
  MishapBoundaryState
> {
  override state: MishapBoundaryState = { hasFailed: false };

  static getDerivedStateFromError(): MishapBoundaryState {
    return { hasFailed: true };
  }

  override render(): ReactNode {
    return this.state.hasFailed ? (
      <Mishap onRetry={() => this.setState({ hasFailed: false })} />
    ) : (
      this.props.children
    );
  }
}
