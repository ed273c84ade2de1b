'use client';

import { Flex, Text } from '@chakra-ui/react';
import { memo } from 'react';
import { firstAidOf, type ComplaintAid } from '@/core/needs/first-aid';
import { useKitView } from '@/ui/kit/kit-view';
import { standingSigns } from '@/ui/kit/standing-signs';
import { useUnderBrief } from '@/ui/kit/under-brief';

/** What the kit holds against each complaint, in the lane of first aid. */
export function AidStrip() {
  const view = useKitView();
  const under = useUnderBrief();
  if (!view) return null;
  const { loadout, bench, kit } = view;
  const { day = kit.day, people = [], days = 0 } = under?.kit ?? {};
  const personDays = people.length * (days ?? 0);
  return (
    <Flex
      as="ul"
      aria-label="First aid by complaint"
      wrap="wrap"
      gap="1.5"
      marginTop="2"
      listStyleType="none"
      fontSize="xs"
    >
      <Text as="li" color="fg.muted" paddingY="0.5">
        held against
      </Text>
      {firstAidOf(loadout, bench.shelf, { day, personDays }).map((each) => (
        <Complaint
          key={each.complaint}
          standing={each.standing}
          says={`${each.complaint}: ${standingInWords(each)}${each.asksTraining ? ', asks training' : ''}`}
        />
      ))}
    </Flex>
  );
}

interface ComplaintProps {
  readonly standing: ComplaintAid['standing'];
  readonly says: string;
}

/** It is drawn again only when it says another thing. */
const Complaint = memo(function Complaint({ standing, says }: ComplaintProps) {
  const { sign, colour } = standingSigns[standing];
  return (
    <Flex
      as="li"
      gap="1"
      align="center"
      bg="panel"
      borderWidth="1px"
      borderRadius="8px"
      paddingX="2"
      paddingY="0.5"
    >
      <Text as="span" aria-hidden color={colour}>
        {sign}
      </Text>
      <span>{says}</span>
    </Flex>
  );
});

function standingInWords({ standing, uses, wanted }: ComplaintAid): string {
  switch (standing) {
    case 'met':
      return uses === Infinity ? 'met' : `${uses}, met`;
    case 'short':
      return `${uses} of ${wanted}`;
    case 'none':
      return 'none';
    case 'not known':
      return 'not known';
  }
}
