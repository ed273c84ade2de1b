'use client';

import { Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { capital, jobsInWords, lackInWords } from '@/core/gear';
import type { MustCover } from '@/core/scheme';
import { Button } from '@/ui/fields/button';
import { later } from '@/ui/late/later';

const Offers = later(() => import('./offers').then((module) => module.Offers));

interface MissingProps {
  readonly must: MustCover;
}

/**
 * An empty or a thin place: what is missing, what is here and would do it if it had what it relies on, and the
 * best that the shelf, or else the catalogue, has for it. A thin place says it in a word, and more when asked.
 */
export function Missing({ must }: MissingProps) {
  const [isAsked, setIsAsked] = useState(false);
  const isThin = must.standing === 'thin';
  return (
    <Flex
      wrap="wrap"
      align="center"
      gap="2"
      marginTop={isThin ? '0' : '2'}
      padding={isThin ? (isAsked ? '1' : '0') : '2'}
      borderRadius="10px"
      borderWidth={isThin && !isAsked ? '0' : '2px'}
      borderStyle="dashed"
      borderColor={isThin ? 'amber.solid' : 'signal.solid'}
      fontSize="sm"
    >
      {isThin ? (
        <Button
          size="xs"
          variant="bare"
          aria-expanded={isAsked}
          onClick={() => setIsAsked(!isAsked)}
        >
          {isAsked ? '−' : '+'} Another way to {jobsInWords(must.anyOf)}
        </Button>
      ) : (
        <Text color="signal.fg" fontWeight="700">
          ■ {capital(lackInWords(must.anyOf))}.
        </Text>
      )}
      {(!isThin || isAsked) && <Offers must={must} />}
    </Flex>
  );
}
