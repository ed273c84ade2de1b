'use client';

import { Flex } from '@chakra-ui/react';
import { memo } from 'react';
import { StandingMark, type Standing } from '@/ui/kit/standing-mark';

interface WhereThingsAreProps {
  readonly standings: readonly Standing[];
}

/** The marks that tell what each piece is carried in, and so what it is lost with. */
export const WhereThingsAre = memo(function WhereThingsAre({ standings }: WhereThingsAreProps) {
  return (
    <Flex
      as="ul"
      aria-label="Marks on the mat"
      listStyleType="none"
      wrap="wrap"
      columnGap="4"
      rowGap="1"
      width="100%"
      fontSize="xs"
      color="fg.muted"
    >
      {standings.map((standing) => (
        <Flex as="li" key={keyOf(standing)} align="center" gap="1">
          <StandingMark sign={standing.with === 'holder' ? standing.look : standing.id} size={16} />
          {standing.with === 'holder' ? `in ${standing.name}` : standing.name}
        </Flex>
      ))}
    </Flex>
  );
}, areTheSame);

/** Every edit finds the standings anew; most edits find the same ones. */
function areTheSame(one: WhereThingsAreProps, other: WhereThingsAreProps): boolean {
  return (
    one.standings.length === other.standings.length &&
    one.standings.every((standing, at) => {
      const now = other.standings[at]!;
      return keyOf(standing) === keyOf(now) && standing.name === now.name;
    })
  );
}

function keyOf(standing: Standing): string {
  return `${standing.with} ${standing.id}`;
}
