'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import NextLink from 'next/link';
import { needNames } from '@/core/needs/need';
import { standingSigns } from '@/ui/kit/standing-signs';
import { useUnderBrief } from '@/ui/kit/under-brief';

/** The needs that are not met, in a line each, and the way to all of them. */
export function NeedList() {
  const under = useUnderBrief();
  if (!under) return null;
  const open = under.needs.filter(({ standing }) => standing !== 'met');
  return (
    <Box>
      {open.length === 0 && <Text>Every need of the brief is met.</Text>}
      <Box as="ul" listStyleType="none">
        {open.map(({ need, standing, says }) => (
          <Flex as="li" key={need} gap="2" paddingY="1">
            <Text as="span" color={standingSigns[standing].colour} aria-label={standing} role="img">
              {standingSigns[standing].sign}
            </Text>
            <Text>
              <b>{needNames[need]}.</b> {says}
            </Text>
          </Flex>
        ))}
      </Box>
      <NextLink
        href="/brief/enough"
        style={{ textDecoration: 'underline', display: 'block', paddingBlock: 10 }}
      >
        How each need was worked out
      </NextLink>
    </Box>
  );
}
