'use client';

import { Flex, Text } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import type { FirstStart, Opening } from '@/store/bench';
import { AcornMark } from '../shell/acorn-mark';
import { later } from '@/ui/late/later';

interface NotOpenProps {
  readonly opening: Exclude<Opening, { readonly state: 'open' }>;
  readonly firstStart: FirstStart;
}

const CannotOpen = later(
  () => import('./cannot-open').then((module) => module.CannotOpen),
  <Text>The bench is not open yet…</Text>,
);
const TakesLong = later(() => import('./takes-long').then((module) => module.TakesLong));

/** What stands in the bench's place while it is not open: that it opens, or why it does not. Never an empty bench. */
export function NotOpen({ opening, firstStart }: NotOpenProps) {
  return opening.state === 'opening' ? (
    <StillOpening />
  ) : (
    <CannotOpen opening={opening} firstStart={firstStart} />
  );
}

/** So long it may take before something is said about it. */
const longMs = 8000;

function StillOpening() {
  const [isLong, setIsLong] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setIsLong(true), longMs);
    return () => clearTimeout(timer);
  }, []);
  return (
    <Flex as="main" minHeight="100dvh" align="center" justify="center" direction="column" gap="4">
      <AcornMark size={72} />
      {/* Both typefaces are asked for here, so that nothing moves when the bench is drawn in them. */}
      <Text fontFamily="heading" fontWeight="700" fontSize="2xl">
        Vivid Acorn
      </Text>
      <Text role="status">Opening the bench…</Text>
      {isLong && <TakesLong />}
    </Flex>
  );
}
