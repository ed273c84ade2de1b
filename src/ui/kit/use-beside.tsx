'use client';

import { Flex, Text } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { notBeside, type Call } from '@/workers/beside';
import { Button } from '../fields/button';

/** What was asked of a worker, as far as it has answered. */
export interface Beside<T> {
  /** The last answer, which may be to the question before; null until the first. */
  readonly value: T | null;
  /** Whether that is the answer to the question as it is now. */
  readonly isCurrent: boolean;
  /** It broke down: nothing more comes by itself. */
  readonly hasFailed: boolean;
  readonly again: () => void;
}

interface Known<T> {
  readonly of: () => Call<T>;
  readonly value: T | null;
  readonly hasFailed: boolean;
}

/** Asks a worker, ends the question before, and says when it failed. `begin` is another function for another question. */
export function useBeside<T>(begin: () => Call<T>): Beside<T> {
  const [known, setKnown] = useState<Known<T> | null>(null);
  const [turn, setTurn] = useState(0);
  useEffect(() => {
    let isStale = false;
    const call = begin();
    call.result.then(
      (value) => {
        if (!isStale) setKnown({ of: begin, value, hasFailed: false });
      },
      () => {
        if (!isStale) setKnown({ of: begin, value: null, hasFailed: true });
      },
    );
    return () => {
      isStale = true;
      call.cancel();
    };
  }, [begin, turn]);
  const isOf = known?.of === begin;
  return {
    value: known?.value ?? null,
    isCurrent: isOf && !known.hasFailed,
    hasFailed: isOf && known.hasFailed,
    again: () => {
      setKnown(null);
      setTurn(turn + 1);
    },
  };
}

/** Says that a worker broke down, where its answer would stand. */
export function BesideFailure({ again }: Pick<Beside<unknown>, 'again'>) {
  return (
    <Flex role="alert" align="center" wrap="wrap" gap="2">
      <Text>■ {notBeside}</Text>
      <Button size="sm" onClick={again}>
        Try again
      </Button>
    </Flex>
  );
}
