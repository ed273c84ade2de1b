'use client';

import { Flex, Text } from '@chakra-ui/react';
import { Component, type ReactNode } from 'react';
import { Button } from '../fields/button';
import { CopyError } from './copy-error';

interface PartBoundaryState {
  readonly error: unknown;
}

/** Catches what fails while one part of a screen is drawn: the rest goes on without it. */
export class PartBoundary extends Component<{ readonly children: ReactNode }, PartBoundaryState> {
  override state: PartBoundaryState = { error: null };

  static getDerivedStateFromError(error: unknown): PartBoundaryState {
    return { error: error ?? new Error('nothing was thrown') };
  }

  override render(): ReactNode {
    const { error } = this.state;
    if (error === null) return this.props.children;
    return (
      <Flex role="alert" align="center" wrap="wrap" gap="2" padding="2" fontSize="sm">
        <Text>This part could not be shown. Your bench is safe.</Text>
        <Button size="sm" onClick={() => this.setState({ error: null })}>
          Try again
        </Button>
        <CopyError error={error} />
      </Flex>
    );
  }
}
