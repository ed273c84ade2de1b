'use client';

import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { memo } from 'react';
import { jobs, jobsInWords } from '@/core/gear';
import type { CategoryCover, Standing } from '@/core/scheme';
import { usePreferences } from '@/store/preferences';
import { amountInWords } from '@/core/gear/amount-in-words';
import { moodColours, type Mood } from '@/ui/shell/figure';

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
        {musts.map((must) => {
          const { text, sign } = moodColours[moods[must.standing]];
          return (
            <Box key={must.anyOf.join()}>
              <Text as="span" display={{ md: 'block' }}>
                {jobsInWords(must.anyOf)}: {must.ways} {must.ways === 1 ? 'way' : 'ways'}
              </Text>{' '}
              <Text as="span" display={{ md: 'block' }} color={text} fontWeight="600">
                {sign} {must.independent}
                {must.independent < must.wanted && ` of ${must.wanted}`} independent
              </Text>
            </Box>
          );
        })}
        {amounts.slice(0, 3).map((job) => (
          <Text key={job.job} color="fg.muted">
            {jobs[job.job].name} {amountInWords(job.job, job.amount!, units)}
          </Text>
        ))}
      </Flex>
    </Box>
  );
}, saysTheSame);

/** Every edit works the cover out anew; the label is drawn again only when it would say something else. */
function saysTheSame(one: LaneLabelProps, other: LaneLabelProps): boolean {
  return laneSays(one.cover) === laneSays(other.cover);
}

/** All that a lane’s label says, as one text. */
export function laneSays({ category, musts, jobs: done }: CategoryCover): string {
  return JSON.stringify([category.id, musts, done.map(({ job, amount }) => [job, amount])]);
}
