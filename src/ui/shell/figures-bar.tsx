'use client';

import { Flex } from '@chakra-ui/react';
import dynamic from 'next/dynamic';
import { setsOutG } from '@/core/loadout';
import { printMass, printMoney, printNumber, printVolume } from '@/core/quantity';
import { isAmissIn, areLaidOut, outermostLoads } from '@/ui/kit/rooms';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { useUnderBrief } from '@/ui/kit/under-brief';
import { Figure, type Mood } from './figure';

export function loadFindingList() {
  return import('./finding-list').then((module) => module.FindingList);
}

const FindingList = dynamic(loadFindingList);
const NeedList = dynamic(() => import('./need-list').then((module) => module.NeedList));

/** How figures were worked out: fetched ahead of the first time that somebody asks. */
export function loadWorking() {
  return import('./figure-workings').then((module) => module.Working);
}

const Working = dynamic(loadWorking);

/** Mass, bulk, cover, price and findings of the kit on the table. */
export function FiguresBar() {
  const view = useKitView();
  if (!view) return null;
  return (
    <Flex
      wrap="wrap"
      align="flex-start"
      columnGap={{ base: '4', xl: '3', '2xl': '6' }}
      rowGap={{ base: '1', md: '3' }}
      padding="1.5"
      flex="1"
      minWidth="0"
      aria-label="Figures of this kit"
      role="group"
    >
      <MassFigure view={view} />
      <BulkFigure view={view} />
      <CoverFigure view={view} />
      <PriceFigure view={view} />
      <LastsFigure view={view} />
      <FindingsFigure view={view} />
    </Flex>
  );
}

function MassFigure({ view }: { readonly view: KitView }) {
  const { loadout, totals, units } = view;
  const { massG, unweighed, pieces } = totals.whole;
  const limit = loadout.mostMassG;
  const outG = setsOutG(loadout, totals);
  const over = limit !== null && outG > limit;
  return (
    <Figure
      name="Mass"
      value={printMass(outG, units)}
      of={limit === null ? undefined : `/ ${printMass(limit, units)}`}
      says={
        over
          ? 'over the limit'
          : unweighed > 0
            ? `+ ${unweighed} unweighed`
            : outG > massG
              ? `with ${printVolume(outG - massG, units)} water`
              : inPieces(pieces)
      }
      mood={over ? 'stop' : unweighed > 0 ? 'watch' : 'fine'}
      share={limit === null ? null : outG / limit}
    >
      <Working of="mass" view={view} />
    </Figure>
  );
}

function BulkFigure({ view }: { readonly view: KitView }) {
  const { totals, units, loads } = view;
  const { unmeasured } = totals.whole;
  const outer = outermostLoads(view);
  const room = outer.reduce((sum, { answer }) => sum + answer.roomMl, 0);
  const filled = outer.reduce((sum, { answer }) => sum + answer.looseMl, 0);
  const amiss = loads.filter(({ answer }) => isAmissIn(answer));
  const isProven = amiss.some(({ answer }) => answer.verdict === 'does not fit');
  const isLaidOut = areLaidOut(loads);
  const mood: Mood = isProven ? 'stop' : amiss.length + unmeasured > 0 ? 'watch' : 'fine';
  return (
    <Figure
      name="Stowed"
      value={printVolume(filled, units)}
      of={room > 0 ? `/ ${printVolume(room, units)}` : undefined}
      says={stowedInWords(amiss.length, isProven, unmeasured, filled, isLaidOut)}
      mood={mood}
      share={room > 0 ? filled / room : null}
    >
      <Working of="room" view={view} />
    </Figure>
  );
}

function stowedInWords(
  amiss: number,
  isProven: boolean,
  unmeasured: number,
  filledMl: number,
  isLaidOut: boolean,
): string {
  if (isProven) return `${amiss} ${amiss === 1 ? 'does' : 'do'} not fit`;
  if (amiss > 0) return `${amiss} ${amiss === 1 ? 'is' : 'are'} not all in`;
  if (unmeasured > 0) return `+ ${unmeasured} unmeasured`;
  if (filledMl === 0) return 'nothing stowed yet';
  return isLaidOut ? 'all in, laid out' : 'goes by bulk';
}

function CoverFigure({ view }: { readonly view: KitView }) {
  const { cover } = view;
  const thin = cover.categories.filter(({ standing }) => standing === 'thin').length;
  const missing = cover.outOf - cover.covered;
  return (
    <Figure
      name="Cover"
      value={`${cover.covered} of ${cover.outOf}`}
      of={cover.scheme.unit}
      says={missing > 0 ? `${missing} missing` : thin > 0 ? `${thin} thin` : 'none thin'}
      mood={missing > 0 ? 'stop' : thin > 0 ? 'watch' : 'fine'}
      share={cover.outOf === 0 ? null : cover.covered / cover.outOf}
    >
      <Working of="cover" view={view} />
    </Figure>
  );
}

function PriceFigure({ view }: { readonly view: KitView }) {
  const { bench, loadout, totals } = view;
  const { priceMinor, unpriced, pieces } = totals.whole;
  const limit = loadout.mostPriceMinor;
  const over = limit !== null && priceMinor > limit;
  return (
    <Figure
      name="Price"
      value={printMoney(priceMinor, bench.currency)}
      of={limit === null ? undefined : `/ ${printMoney(limit, bench.currency)}`}
      says={
        over
          ? 'over the limit'
          : unpriced > 0
            ? `+ ${unpriced} unpriced`
            : pieces > 0
              ? 'all priced'
              : 'nothing yet'
      }
      mood={over ? 'stop' : unpriced > 0 ? 'watch' : 'fine'}
      share={limit === null || limit === 0 ? null : priceMinor / limit}
    >
      <Working of="price" view={view} />
    </Figure>
  );
}

/** How long it lasts under its brief, and what ends it. */
function LastsFigure({ view }: { readonly view: KitView }) {
  const under = useUnderBrief(view);
  if (!under) return null;
  const { days, first } = under.lasts;
  const asked = under.kit.days;
  const short = under.needs.filter(({ standing }) => standing === 'short' || standing === 'none');
  const isShort = days !== null && asked !== null && days < asked;
  return (
    <Figure
      name="Lasts"
      value={days === null ? '–' : printNumber(days, 1)}
      of={asked === null ? 'days' : `/ ${asked} days`}
      says={first === null ? `${short.length} needs short` : `${first} first`}
      mood={isShort || short.length > 0 ? 'watch' : 'fine'}
      share={days === null || asked === null ? null : days / asked}
    >
      <NeedList />
    </Figure>
  );
}

function FindingsFigure({ view: { findings, isJudged } }: { readonly view: KitView }) {
  const stops = findings.filter(({ severity }) => severity === 'stop').length;
  const warns = findings.filter(({ severity }) => severity === 'warn').length;
  const notes = findings.length - stops - warns;
  const parts = [
    [stops, 'stop'],
    [warns, 'warn'],
    [notes, 'note'],
  ] as const;
  return (
    <Figure
      name="To look at"
      value={isJudged ? String(findings.length) : '…'}
      of={findings.length === 1 ? 'finding' : 'findings'}
      says={
        parts
          .filter(([count]) => count > 0)
          .map(([count, word]) => `${count} ${word}`)
          .join(' · ') || (isJudged ? 'all is well' : 'looking')
      }
      mood={stops > 0 ? 'stop' : warns > 0 ? 'watch' : 'fine'}
      share={null}
    >
      <FindingList />
    </Figure>
  );
}

function inPieces(pieces: number): string {
  if (pieces === 0) return 'nothing yet';
  return pieces === 1 ? '1 piece' : `${pieces} pieces`;
}
