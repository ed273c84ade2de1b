'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import type { Severity } from '@/core/judge';
import { TextLink } from '@/ui/fields/text-link';
import { useKitView } from '@/ui/kit/kit-view';
import { select } from '@/ui/kit/selection';
import { moodColours, type Mood } from './figure';

const moods: Readonly<Record<Severity, Mood>> = { stop: 'stop', warn: 'watch', note: 'fine' };
const words: Readonly<Record<Severity, string>> = { stop: 'Stop', warn: 'Warn', note: 'Note' };

/** Every finding on the kit, the costliest first; pressing one leads to its piece. */
export function FindingList() {
  const view = useKitView();
  const router = useRouter();
  if (!view) return null;
  if (view.findings.length === 0)
    return <Text>Nothing to look at: every rule that is checked holds.</Text>;
  return (
    <>
      <Text marginBottom="2">
        <TextLink href="/prove/findings">All of them, with what mends each</TextLink>
      </Text>
      <Flex
        as="ul"
        direction="column"
        gap="1"
        listStyleType="none"
        maxHeight="50vh"
        overflowY="auto"
      >
        {view.findings.map(({ rule, severity, message, about }) => (
          <li key={`${rule} ${message}`}>
            <Flex
              as="button"
              textAlign="left"
              gap="2"
              width="100%"
              padding="2"
              minHeight="11"
              borderRadius="8px"
              cursor="pointer"
              _hover={{ bg: 'tag' }}
              onClick={() => {
                if (about[0]) select(about[0]);
                router.push(rule.startsWith('stow/') ? '/stow' : '/layout');
              }}
            >
              <Box
                color={moodColours[moods[severity]].text}
                fontWeight="700"
                flexShrink="0"
                width="52px"
              >
                {moodColours[moods[severity]].sign} {words[severity]}
              </Box>
              <span>{message}</span>
            </Flex>
          </li>
        ))}
      </Flex>
    </>
  );
}
