'use client';

import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import dynamic from 'next/dynamic';
import { memo, useCallback, useRef, useState, type ReactNode, type RefObject } from 'react';
import { useEver } from './use-ever';

export type Mood = 'fine' | 'watch' | 'stop';

export interface FigureProps {
  readonly name: string;
  readonly value: string;
  readonly of?: string | undefined;
  readonly says: string;
  readonly mood: Mood;
  /** How full, from 0 to 1 and over; null draws no bar. */
  readonly share: number | null;
  /** How it is seen on a phone: whole, in one line, or not until it is asked for. */
  readonly onPhone: 'whole' | 'line' | 'hidden';
  /** How it was worked out. */
  readonly children: ReactNode;
}

export const moodColours = {
  fine: { text: 'leaf.fg', bar: 'leaf.vivid', sign: '●' },
  watch: { text: 'amber.fg', bar: 'amber.solid', sign: '▲' },
  stop: { text: 'signal.fg', bar: 'signal.solid', sign: '■' },
} as const satisfies Record<Mood, object>;

/** Fetches the popover ahead of its first use. */
export function loadFigurePopover() {
  return import('./figure-popover').then((module) => module.FigurePopover);
}

const FigurePopover = dynamic(loadFigurePopover);

/** One of the figures that are always in sight. Pressing it shows how it was worked out. */
export function Figure({ children, ...face }: FigureProps) {
  const button = useRef<HTMLButtonElement>(null);
  const [isOpen, setIsOpen] = useState(false);
  const wasOpen = useEver(isOpen);
  const toggle = useCallback(() => setIsOpen((before) => !before), []);
  return (
    <>
      <Face ref={button} {...face} isOpen={isOpen} onPress={toggle} />
      {wasOpen && (
        <FigurePopover
          name={face.name}
          anchor={button}
          isOpen={isOpen}
          onClose={() => setIsOpen(false)}
        >
          {children}
        </FigurePopover>
      )}
    </>
  );
}

interface FaceProps extends Omit<FigureProps, 'children'> {
  readonly ref: RefObject<HTMLButtonElement | null>;
  readonly isOpen: boolean;
  readonly onPress: () => void;
}

/** What is seen of a figure. It is drawn again only when it would say something else. */
const Face = memo(function Face(props: FaceProps) {
  const { ref, name, value, of, says, mood, share, onPhone, isOpen, onPress } = props;
  const isLine = onPhone === 'line';
  return (
    <chakra.button
      ref={ref}
      type="button"
      aria-haspopup="dialog"
      aria-expanded={isOpen}
      onClick={onPress}
      display={{
        base: onPhone === 'hidden' ? 'none' : isLine ? 'flex' : 'block',
        md: 'block',
      }}
      alignItems="baseline"
      columnGap="2"
      overflow={{ base: isLine ? 'hidden' : 'visible', md: 'visible' }}
      textAlign="left"
      minWidth={{ base: isLine ? '0' : '96px', md: '104px' }}
      minHeight={{ base: isLine ? '11' : 'auto', md: 'auto' }}
      flex={{ base: isLine ? '0 1 auto' : '0 0 auto', md: '0 0 auto' }}
      padding="1.5"
      margin="-1.5"
      borderRadius="8px"
      cursor="pointer"
      _hover={{ bg: 'tag' }}
      data-figure={name}
    >
      <Text
        fontSize="2xs"
        letterSpacing="0.06em"
        textTransform="uppercase"
        color="fg.muted"
        fontWeight="600"
      >
        {name}
      </Text>
      <Flex align="baseline" gap="1" whiteSpace="nowrap">
        <Text
          fontFamily="heading"
          fontWeight="700"
          fontSize={{ base: 'lg', md: 'xl' }}
          lineHeight="1.15"
        >
          {value}
        </Text>
        {of && (
          <Text fontSize="sm" color="fg.muted">
            {of}
          </Text>
        )}
      </Flex>
      <Text
        fontSize="xs"
        color={mood === 'fine' ? 'fg.muted' : moodColours[mood].text}
        lineHeight="1.2"
        whiteSpace="nowrap"
        overflow={isLine ? 'hidden' : undefined}
        textOverflow="ellipsis"
      >
        {mood !== 'fine' && `${moodColours[mood].sign} `}
        {says}
      </Text>
      {share !== null && (
        <Box
          height="5px"
          borderRadius="full"
          bg="tag.deep"
          marginTop="1"
          overflow="hidden"
          hideBelow="md"
        >
          <Box
            height="100%"
            style={{ width: `${Math.min(100, share * 100)}%` }}
            bg={moodColours[mood].bar}
            transition="width 250ms"
          />
        </Box>
      )}
    </chakra.button>
  );
});
