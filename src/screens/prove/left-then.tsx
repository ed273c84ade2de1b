'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { capital, jobsInWords } from '@/core/gear';
import { underBrief, type UnderBrief } from '@/core/kit/under-brief';
import { supposedInWords } from '@/core/losses';
import { needNames, type Need } from '@/core/needs/need';
import { listed, printNumber } from '@/core/quantity';
import { mustsOf } from '@/core/scheme/musts';
import { Panel } from '@/ui/fields/panel';
import { TextLink } from '@/ui/fields/text-link';
import type { KitView } from '@/ui/kit/kit-view';
import { standingSigns } from '@/ui/kit/standing-signs';
import { useAfterPaint } from '@/ui/kit/use-after-paint';
import { useUnderBrief } from '@/ui/kit/under-brief';
import { namesInWhole, wholeKit } from '@/ui/kit/whole-kit';

/** What the kit does and how long it lasts as it is supposed, beside how it is. */
export function LeftThen({ view }: { readonly view: KitView }) {
  const then = useUnderBrief();
  const now = useAfterPaint(view, wholeUnderBrief);
  return (
    <Panel title={view.lost.length === 0 ? 'How long it lasts' : 'What is left then'}>
      {view.lost.length > 0 && <Jobs view={view} />}
      {view.own.brief === null ? (
        <Text>
          Days are told once it has a brief. <TextLink href="/brief">Say what it is for</TextLink>
        </Text>
      ) : then === null || now === null ? (
        <Text>Working out the days…</Text>
      ) : (
        <Days then={then} now={now} />
      )}
    </Panel>
  );
}

function wholeUnderBrief(view: KitView): UnderBrief | null {
  return view.own.brief && underBrief(wholeKit(view), view.own.brief, view.units);
}

/** What it can no longer do, and what hangs on one thing alone. */
function Jobs({ view }: { readonly view: KitView }) {
  const whole = wholeKit(view).ways;
  const { ways } = view.kit;
  const musts = mustsOf(view.kit.asked).map(({ anyOf, wanted }) => ({
    name: jobsInWords(anyOf),
    wanted,
    was: whole.depth(anyOf),
    is: ways.depth(anyOf),
  }));
  const gone = musts.filter(({ was, is }) => was > 0 && is === 0);
  const thin = musts.filter(({ was, is, wanted }) => is > 0 && is < was && is < wanted);
  const others = [...whole.byJob.keys()].filter(
    (job) => !ways.byJob.has(job) && !musts.some(({ name }) => name === jobsInWords([job])),
  );
  return (
    <Box marginBottom="3" aria-live="polite">
      <Text>
        <b>{capital(supposedInWords(view.lost, namesInWhole(view)))}</b>,{' '}
        {gone.length === 0
          ? 'it still does all that it must.'
          : `it can no longer ${listed(gone.map(({ name }) => name))}.`}
      </Text>
      {thin.length > 0 && (
        <Text>
          Fewer independent ways than are wanted:{' '}
          {thin.map(({ name, is, wanted }) => `${name} ${is} of ${wanted}`).join(', ')}.
        </Text>
      )}
      {others.length > 0 && (
        <Text fontSize="sm" color="fg.muted">
          Also gone: {others.map((job) => jobsInWords([job])).join(', ')}.
        </Text>
      )}
    </Box>
  );
}

/** The days that each need lasts, as bars against the days of the brief: now, and as supposed. */
function Days({ then, now }: { readonly then: UnderBrief; readonly now: UnderBrief }) {
  const { days } = then.kit;
  const before = new Map(now.needs.map((need) => [need.need, need]));
  const running = then.needs.filter((need) => need.days !== null);
  const worse = then.needs.filter(
    (need) =>
      need.days === null &&
      (need.standing === 'short' || need.standing === 'none') &&
      before.get(need.need)!.standing === 'met',
  );
  const most = Math.max(days ?? 1, 1);
  const sorted = [...running].sort((one, other) => one.days! - other.days!);
  return (
    <>
      <Text marginBottom="2">
        {then.lasts.days === null
          ? 'Nothing of it runs out that is known.'
          : `It lasts ${inDays(then.lasts.days)}${days === null ? '' : ` of ${days}`}, ${needNames[then.lasts.first!].toLowerCase()} first.`}
      </Text>
      <Flex
        as="ul"
        direction="column"
        gap="1.5"
        listStyleType="none"
        aria-label="Days of each need"
      >
        {sorted.map((need) => (
          <DayBar
            key={need.need}
            need={need}
            was={before.get(need.need)?.days ?? null}
            most={most}
            isFirst={need.need === then.lasts.first}
          />
        ))}
      </Flex>
      {worse.length > 0 && (
        <Text fontSize="sm" marginTop="2">
          No longer met: {worse.map(({ need }) => needNames[need].toLowerCase()).join(', ')}.
        </Text>
      )}
    </>
  );
}

interface DayBarProps {
  readonly need: Need;
  readonly was: number | null;
  /** The days of the brief: the whole of the bar. */
  readonly most: number;
  readonly isFirst: boolean;
}

function DayBar({ need, was, most, isFirst }: DayBarProps) {
  const lasts = need.days!;
  const share = (days: number) => `${Math.min(1, days / most) * 100}%`;
  const isLess = was !== null && lasts < was - 1e-9;
  const { sign, colour } = standingSigns[need.standing];
  return (
    <Box as="li">
      <Flex justify="space-between" gap="2" fontSize="sm">
        <span>
          <Text as="span" color={colour} role="img" aria-label={need.standing}>
            {sign}
          </Text>{' '}
          <b>{needNames[need.need]}</b>
          {isFirst && ', the first to run out'}
        </span>
        <Text as="span" whiteSpace="nowrap">
          {inDays(lasts)}
          {isLess && ` instead of ${inDays(was)}`}
        </Text>
      </Flex>
      <Box
        height="9px"
        borderRadius="full"
        bg="tag"
        position="relative"
        overflow="hidden"
        aria-hidden
      >
        {isLess && (
          <Box
            position="absolute"
            insetY="0"
            left="0"
            style={{ width: share(was) }}
            css={{
              background:
                'repeating-linear-gradient(115deg, var(--acorn-colors-tag-deep) 0 4px, transparent 4px 7px)',
            }}
          />
        )}
        <Box
          position="absolute"
          insetY="0"
          left="0"
          bg={standingSigns[need.standing].bar}
          style={{ width: share(lasts) }}
        />
      </Box>
    </Box>
  );
}

function inDays(days: number): string {
  return days === Infinity ? 'no end' : `${printNumber(days, days < 100 ? 1 : 0)} days`;
}
