'use client';

import { Box, chakra, Flex, Heading, Text } from '@chakra-ui/react';
import { memo, useRef, useState } from 'react';
import { jobs, jobsInWords } from '@/core/gear';
import type { CategoryCover, MustCover, Standing } from '@/core/scheme';
import { usePreferences } from '@/store/preferences';
import { amountInWords } from '@/core/gear/amount-in-words';
import { FigurePopover, moodColours, type Mood } from '@/ui/shell/figure';
import { useEver } from '@/ui/shell/use-ever';
import { later } from '@/ui/late/later';

const moods: Readonly<Record<Standing, Mood>> = { missing: 'stop', thin: 'watch', covered: 'fine' };

interface LaneLabelProps {
  readonly cover: CategoryCover;
}

/** A lane's name with its letter, and what it can do: ways, and ways that are independent. */
export const LaneLabel = memo(function LaneLabel({ cover }: LaneLabelProps) {
  const { units } = usePreferences();
  const { category, musts } = cover;
  const amounts = cover.jobs.filter(({ amount }) => amount !== null);
  return (
    <Box
      bg="mat.label"
      width={{ base: '100%', md: '168px' }}
      flexShrink="0"
      padding="3"
      paddingRight="2"
    >
      <Flex align="center" gap="2">
        <Flex
          align="center"
          justify="center"
          width="7"
          height="7"
          borderRadius="full"
          bg="bark"
          color="onbark"
          fontFamily="heading"
          fontWeight="700"
          fontSize="sm"
          flexShrink="0"
          aria-hidden
        >
          {category.mark}
        </Flex>
        <Heading as="h2" fontSize="md" lineHeight="1.1">
          {category.name}
        </Heading>
      </Flex>
      <Flex
        direction={{ base: 'row', md: 'column' }}
        wrap="wrap"
        columnGap="3"
        marginTop="1.5"
        fontSize="xs"
        lineHeight="1.35"
      >
        {musts.map((must) => (
          <MustLabel key={must.anyOf.join()} must={must} />
        ))}
        {amounts.slice(0, 3).map((job) => (
          <Text key={job.job} color="fg.muted">
            {jobs[job.job].name} {amountInWords(job.job, job.amount!, units)}
          </Text>
        ))}
      </Flex>
    </Box>
  );
}, saysTheSame);

const WhatUndoes = later(() => import('@/ui/kit/what-undoes').then((module) => module.WhatUndoes));

/** Ways, and ways that are independent; pressed, which losses it takes to leave it undone. */
function MustLabel({ must }: { readonly must: MustCover }) {
  const button = useRef<HTMLButtonElement>(null);
  const [isOpen, setIsOpen] = useState(false);
  const wasOpen = useEver(isOpen);
  const { text, sign } = moodColours[moods[must.standing]];
  const name = jobsInWords(must.anyOf);
  return (
    <Box>
      <Text as="span" display={{ md: 'block' }}>
        {name}: {must.ways} {must.ways === 1 ? 'way' : 'ways'}
        {must.untried > 0 && `, ${must.untried === must.ways ? '' : `${must.untried} `}untried`}
      </Text>{' '}
      <chakra.button
        ref={button}
        type="button"
        display={{ base: 'inline-flex', md: 'block' }}
        alignItems="center"
        minHeight={{ base: '11', md: '6' }}
        color={text}
        fontWeight="600"
        textDecoration="underline dotted"
        textUnderlineOffset="3px"
        cursor="pointer"
        aria-expanded={isOpen}
        onClick={() => setIsOpen(!isOpen)}
      >
        {sign} {must.independent}
        {must.independent < must.wanted && ` of ${must.wanted}`} independent
      </chakra.button>
      {wasOpen && (
        <FigurePopover name={name} anchor={button} isOpen={isOpen} onClose={() => setIsOpen(false)}>
          <WhatUndoes anyOf={must.anyOf} wanted={must.wanted} />
        </FigurePopover>
      )}
    </Box>
  );
}

/** Every edit works the cover out anew; the label is drawn again only when it would say something else. */
function saysTheSame(one: LaneLabelProps, other: LaneLabelProps): boolean {
  return laneSays(one.cover) === laneSays(other.cover);
}

/** All that a lane’s label says, as one text. */
export function laneSays({ category, musts, jobs: done }: CategoryCover): string {
  return JSON.stringify([category.id, musts, done.map(({ job, amount }) => [job, amount])]);
}
