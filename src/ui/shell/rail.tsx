'use client';

import { Box, Flex } from '@chakra-ui/react';
import NextLink from 'next/link';
import { usePathname } from 'next/navigation';
import { memo, useEffect, useRef, useState } from 'react';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { AcornMark } from './acorn-mark';
import styles from './rail.module.css';
import { around, placeOf, steps, type Place } from './places';

/** How long after the first screen the pages of the other places are fetched, in ms. */
const fetchAheadMs = 3000;

/** How long after another place is shown the bar is pushed to it, in ms. */
const paintedMs = 400;

/** The places, in the order of work, each with a mark of how it stands. A bar at the foot on a small screen. */
export function Rail() {
  const [isAhead, setIsAhead] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setIsAhead(true), fetchAheadMs);
    return () => clearTimeout(timer);
  }, []);
  const nav = useRef<HTMLDivElement>(null);
  const path = usePathname();
  useEffect(() => {
    // Once all is painted: asking for widths before would have all of it laid out for that.
    const timer = setTimeout(() => showPlace(nav.current), paintedMs);
    return () => clearTimeout(timer);
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
        <MarkedLink key={place.path} place={place} isAhead={isAhead} />
      ))}
      <Box flex="1" hideBelow="md" />
      {around.map((place) => (
        <RailLink key={place.path} place={place} standing={null} isAhead={isAhead} />
      ))}
    </Flex>
  );
}

/** Brings the place that one is at into sight, where the bar is wider than the window. */
function showPlace(nav: HTMLElement | null): void {
  if (nav === null || nav.scrollWidth <= nav.clientWidth) return;
  nav.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
}

function MarkedLink({ place, isAhead }: { readonly place: Place; readonly isAhead: boolean }) {
  const view = useKitView();
  return <RailLink place={place} standing={view && standingOf(place, view)} isAhead={isAhead} />;
}

interface Standing {
  readonly id: 'fine' | 'stopped' | 'doubtful';
  readonly sign: string;
  readonly words: string;
}

const fine: Standing = { id: 'fine', sign: '●', words: 'nothing missing' };
const stopped: Standing = { id: 'stopped', sign: '■', words: 'something stops it' };
const doubtful: Standing = { id: 'doubtful', sign: '▲', words: 'something to look at' };

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
  /** Whether its page is fetched before it is pressed. */
  readonly isAhead: boolean;
}

const RailLink = memo(function RailLink({ place, standing, isAhead }: RailLinkProps) {
  const isHere = placeOf(usePathname()) === place;
  const Icon = place.icon;
  return (
    <NextLink
      href={place.path}
      prefetch={isAhead ? null : false}
      aria-current={isHere ? 'page' : undefined}
      className={styles.link}
    >
      <span className={styles.place}>
        <Icon size={20} aria-hidden />
        <span className={styles.name}>
          {place.name}
          {standing && (
            <span
              className={styles.mark}
              data-standing={standing.id}
              aria-label={standing.words}
              role="img"
            >
              {standing.sign}
            </span>
          )}
        </span>
      </span>
    </NextLink>
  );
});
