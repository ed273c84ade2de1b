'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import NextLink from 'next/link';
import { usePathname } from 'next/navigation';
import { memo, useEffect, useRef } from 'react';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { AcornMark } from './acorn-mark';
import { around, placeOf, steps, type Place } from './places';

/** The places, in the order of work, each with a mark of how it stands. A bar at the foot on a small screen. */
export function Rail() {
  const nav = useRef<HTMLDivElement>(null);
  const path = usePathname();
  useEffect(() => {
    // Once the page is painted: asking for widths before would have all of it laid out for that.
    const frame = requestAnimationFrame(() => showPlace(nav.current));
    return () => cancelAnimationFrame(frame);
  }, [path]);
  return (
    <Flex
      ref={nav}
      as="nav"
      aria-label="Places"
      className="no-print"
      bg="bark"
      color="onbark"
      position={{ base: 'fixed', md: 'sticky' }}
      bottom={{ base: 0, md: 'auto' }}
      top={{ md: 0 }}
      insetX={{ base: 0, md: 'auto' }}
      zIndex="docked"
      width={{ base: '100%', md: '104px' }}
      height={{ base: '64px', md: '100dvh' }}
      flexShrink="0"
      flexDirection={{ base: 'row', md: 'column' }}
      paddingTop={{ md: '4' }}
      paddingBottom={{ md: '4' }}
      // However many places there come to be: each keeps the width of a thumb, and the bar is pushed along.
      overflowX={{ base: 'auto', md: 'visible' }}
      css={{ scrollbarWidth: 'none' }}
    >
      <Flex justify="center" hideBelow="md" marginBottom="5">
        <AcornMark size={46} />
      </Flex>
      {steps.map((place) => (
        <MarkedLink key={place.path} place={place} />
      ))}
      <Box flex="1" hideBelow="md" />
      {around.map((place) => (
        <RailLink key={place.path} place={place} standing={null} />
      ))}
    </Flex>
  );
}

/** Brings the place that one is at into sight, where the bar is wider than the window. */
function showPlace(nav: HTMLElement | null): void {
  if (nav === null || nav.scrollWidth <= nav.clientWidth) return;
  nav.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
}

function MarkedLink({ place }: { readonly place: Place }) {
  const view = useKitView();
  return <RailLink place={place} standing={view && standingOf(place, view)} />;
}

interface Standing {
  readonly sign: string;
  readonly words: string;
  readonly colour: string;
}

const fine: Standing = { sign: '●', words: 'nothing missing', colour: '#8fdc78' };
const stopped: Standing = { sign: '■', words: 'something stops it', colour: '#ff9463' };
const doubtful: Standing = { sign: '▲', words: 'something to look at', colour: '#f2c14e' };

/** The places that have a mark, each with the rules whose findings it shows. */
const marked: Readonly<Record<string, (rule: string) => boolean>> = {
  '/layout': (rule) => !rule.startsWith('stow/') && !rule.startsWith('keep/'),
  '/stow': (rule) => rule.startsWith('stow/'),
  '/prove': () => true,
  '/keep': (rule) => rule.startsWith('keep/'),
};

function standingOf({ path }: Place, { findings }: KitView): Standing | null {
  const isOf = marked[path];
  if (!isOf) return null;
  const own = findings.filter(({ rule }) => isOf(rule));
  if (own.some(({ severity }) => severity === 'stop')) return stopped;
  return own.length > 0 ? doubtful : fine;
}

interface RailLinkProps {
  readonly place: Place;
  readonly standing: Standing | null;
}

const RailLink = memo(function RailLink({ place, standing }: RailLinkProps) {
  const isHere = placeOf(usePathname()) === place;
  const Icon = place.icon;
  return (
    <NextLink
      href={place.path}
      aria-current={isHere ? 'page' : undefined}
      style={{ flex: '1 0 auto', minWidth: 52, maxHeight: 76, outlineOffset: -4 }}
    >
      <Flex
        direction="column"
        align="center"
        justify="center"
        gap="1"
        height={{ base: '64px', md: '72px' }}
        paddingX={{ base: '1', md: '0' }}
        marginLeft={{ md: '2' }}
        borderLeftRadius={{ md: '14px' }}
        bg={isHere ? 'canvas' : undefined}
        color={isHere ? 'fg' : 'onbark'}
        _hover={isHere ? undefined : { bg: 'rgba(255, 255, 255, 0.09)' }}
      >
        <Icon size={20} aria-hidden />
        <Text
          fontSize={{ base: 'xs', md: 'sm' }}
          fontWeight="600"
          lineHeight="1"
          whiteSpace="nowrap"
        >
          {place.name}
          {standing && (
            <Box
              as="span"
              marginLeft="1.5"
              fontSize="2xs"
              color={isHere ? 'signal.fg' : standing.colour}
              aria-label={standing.words}
              role="img"
            >
              {standing.sign}
            </Box>
          )}
        </Text>
      </Flex>
    </NextLink>
  );
});
