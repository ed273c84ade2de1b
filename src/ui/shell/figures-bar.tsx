'use client';

import { Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { jobsInWords } from '@/core/gear';
import { setsOutG } from '@/core/loadout';
import { printMass, printMoney, printNumber, printVolume } from '@/core/quantity';
import { weakestMust } from '@/core/scheme/musts';
import { Button } from '@/ui/fields/button';
import { isAmissIn, areLaidOut, outermostLoads } from '@/ui/kit/rooms';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { useUnderBrief } from '@/ui/kit/under-brief';
import { Figure, type FigureProps, type Mood } from './figure';
import { later } from '@/ui/late/later';

export const FindingList = later(() =>
  import('./finding-list').then((module) => module.FindingList),
);
const NeedList = later(() => import('./need-list').then((module) => module.NeedList));

/** How figures were worked out. */
export const Working = later(() => import('./figure-workings').then((module) => module.Working));

/** Mass, bulk, cover, price and findings of the kit on the table. On a phone one line: the worst, the rest behind a tap. */
export function FiguresBar() {
  const view = useKitView();
  return view && <Figures view={view} />;
}

const worstFirst: readonly Mood[] = ['stop', 'watch', 'fine'];

function Figures({ view }: { readonly view: KitView }) {
  const [isOpen, setIsOpen] = useState(false);
  const under = useUnderBrief();
  // Of nothing there is nothing to say yet.
  if (view.totals.whole.pieces === 0) {
    return (
      <Text flex="1" fontSize="sm" color="fg.muted" paddingTop={{ lg: '2' }}>
        Mass, room and cover are told from the first piece on.
      </Text>
    );
  }
  const figures = [
    massFigure(view),
    bulkFigure(view),
    priceFigure(view),
    ...(under ? [lastsFigure(under)] : []),
    coverFigure(view),
    findingsFigure(view),
  ];
  // Of figures that are equally bad the findings come first: they say in words what to do.
  const worst = worstFirst
    .map((mood) => figures.findLast((each) => each.mood === mood))
    .find((each) => each !== undefined);
  return (
    <Flex
      wrap={{ base: isOpen ? 'wrap' : 'nowrap', md: 'wrap' }}
      align={{ base: isOpen ? 'flex-start' : 'center', md: 'flex-start' }}
      columnGap={{ base: '4', xl: '3', '2xl': '6' }}
      rowGap={{ base: '1', md: '3' }}
      padding="1.5"
      flex="1"
      minWidth="0"
      aria-label="Figures of this kit"
      role="group"
    >
      {figures.map((face) => (
        <Figure
          key={face.name}
          {...face}
          onPhone={isOpen ? 'whole' : face === worst ? 'line' : 'hidden'}
        />
      ))}
      <Button
        size="sm"
        variant="bare"
        hideFrom="md"
        flexShrink="0"
        marginLeft="auto"
        aria-expanded={isOpen}
        onClick={() => setIsOpen(!isOpen)}
      >
        {isOpen ? 'Fewer' : `${figures.length - 1} more`}
      </Button>
    </Flex>
  );
}

type Told = Omit<FigureProps, 'onPhone'>;

function massFigure(view: KitView): Told {
  const { loadout, totals, units } = view;
  const { massG, unweighed, pieces } = totals.whole;
  const limit = loadout.mostMassG;
  const outG = setsOutG(loadout, totals);
  const over = limit !== null && outG > limit;
  return {
    name: 'Mass',
    value: outG === 0 ? '–' : printMass(outG, units),
    of: limit === null ? undefined : `/ ${printMass(limit, units)}`,
    says: over
      ? 'over the limit'
      : unweighed > 0
        ? `${outG === 0 ? '' : '+ '}${unweighed} unweighed`
        : outG > massG
          ? `with ${printVolume(outG - massG, units)} water`
          : inPieces(pieces),
    mood: over ? 'stop' : unweighed > 0 ? 'watch' : 'fine',
    share: limit === null ? null : outG / limit,
    children: <Working of="mass" view={view} />,
  };
}

function bulkFigure(view: KitView): Told {
  const { totals, units, loads } = view;
  const { unmeasured } = totals.whole;
  const outer = outermostLoads(view);
  const room = outer.reduce((sum, { answer }) => sum + answer.roomMl, 0);
  const filled = outer.reduce((sum, { answer }) => sum + answer.looseMl, 0);
  const amiss = loads.filter(({ answer }) => isAmissIn(answer));
  const isProven = amiss.some(({ answer }) => answer.verdict === 'does not fit');
  const isLaidOut = areLaidOut(loads);
  return {
    name: 'Stowed',
    value: filled === 0 ? '–' : printVolume(filled, units),
    of: room > 0 ? `/ ${printVolume(room, units)}` : undefined,
    says: stowedInWords(amiss.length, isProven, unmeasured, filled, isLaidOut),
    mood: isProven ? 'stop' : amiss.length + unmeasured > 0 ? 'watch' : 'fine',
    share: room > 0 && filled > 0 ? filled / room : null,
    children: <Working of="room" view={view} />,
  };
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

/** What is covered, and what the kit must do that hangs on the fewest losses. */
function coverFigure(view: KitView): Told {
  const { cover, kit } = view;
  const thin = cover.categories.filter(({ standing }) => standing === 'thin').length;
  const missing = cover.outOf - cover.covered;
  const weakest = weakestMust(kit.ways, kit.asked);
  return {
    name: 'Cover',
    value: `${cover.covered} of ${cover.outOf}`,
    of: cover.scheme.unit,
    says:
      weakest !== null
        ? `${jobsInWords(weakest.anyOf)} ${weakest.ways} of ${weakest.wanted}`
        : missing > 0
          ? `${missing} missing`
          : thin > 0
            ? `${thin} thin`
            : 'none thin',
    mood: missing > 0 ? 'stop' : thin > 0 || weakest !== null ? 'watch' : 'fine',
    share: cover.outOf === 0 ? null : cover.covered / cover.outOf,
    children: <Working of="cover" view={view} />,
  };
}

function priceFigure(view: KitView): Told {
  const { bench, loadout, totals } = view;
  const { priceMinor, unpriced } = totals.whole;
  const limit = loadout.mostPriceMinor;
  const over = limit !== null && priceMinor > limit;
  const isKnown = priceMinor > 0 || unpriced === 0;
  return {
    name: 'Price',
    value: isKnown ? printMoney(priceMinor, bench.currency) : '–',
    of: limit === null ? undefined : `/ ${printMoney(limit, bench.currency)}`,
    says: over
      ? 'over the limit'
      : unpriced > 0
        ? `${isKnown ? '+ ' : ''}${unpriced} unpriced`
        : 'all priced',
    mood: over ? 'stop' : unpriced > 0 ? 'watch' : 'fine',
    share: limit === null || limit === 0 ? null : priceMinor / limit,
    children: <Working of="price" view={view} />,
  };
}

/** How long it lasts under its brief, and what ends it. */
function lastsFigure(under: NonNullable<ReturnType<typeof useUnderBrief>>): Told {
  const { days, first } = under.lasts;
  const asked = under.kit.days;
  const short = under.needs.filter(({ standing }) => standing === 'short' || standing === 'none');
  const isShort = days !== null && asked !== null && days < asked;
  return {
    name: 'Lasts',
    value: days === null ? '–' : printNumber(days, 1),
    of: asked === null ? 'days' : `/ ${asked} days`,
    says: first === null ? `${short.length} needs short` : `${first} first`,
    mood: isShort || short.length > 0 ? 'watch' : 'fine',
    share: days === null || asked === null ? null : days / asked,
    children: <NeedList />,
  };
}

/** How much is to be changed before they set out, and the first of it in words. Notes are no part of it. */
function findingsFigure({ findings, isJudged }: KitView): Told {
  const stops = findings.filter(({ severity }) => severity === 'stop').length;
  const warns = findings.filter(({ severity }) => severity === 'warn').length;
  const [first] = findings;
  return {
    name: 'To look at',
    value: isJudged ? String(stops + warns) : '…',
    of: stops + warns === 1 ? 'finding' : 'findings',
    says: !isJudged ? 'looking' : stops + warns === 0 ? 'all is well' : first!.headline,
    mood: stops > 0 ? 'stop' : warns > 0 ? 'watch' : 'fine',
    share: null,
    children: <FindingList />,
  };
}

function inPieces(pieces: number): string {
  return pieces === 1 ? '1 piece' : `${pieces} pieces`;
}
