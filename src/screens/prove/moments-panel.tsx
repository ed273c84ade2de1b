'use client';

import { Box, Text } from '@chakra-ui/react';
import { capital, jobsInWords } from '@/core/gear';
import { layingOutFix } from '@/core/kit/need-fixes';
import type { UnderBrief } from '@/core/kit/under-brief';
import {
  isAnswer,
  jobsThatAnswer,
  momentsOf,
  type MomentDealt,
  type MomentPart,
} from '@/core/needs/moments';
import { offersFor } from '@/core/scheme';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { Panel } from '@/ui/fields/panel';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import type { KitView } from '@/ui/kit/kit-view';
import { whoInWords } from '@/ui/kit/moment-in-words';
import { perform } from '@/ui/notice/notice';
import { useAfterPaint } from '@/ui/kit/use-after-paint';
import { useUnderBrief } from '@/ui/kit/under-brief';

/** Moments that ask several things at once, and who does what in each: one piece does one job at a time. */
export function MomentsPanel({ view }: { readonly view: KitView }) {
  const under = useUnderBrief();
  return under === null ? null : <Moments view={view} under={under} />;
}

function Moments({ view, under }: Omit<PartProps, 'part'>) {
  const moments = useAfterPaint(under, momentsUnder);
  if (!moments || moments.length === 0) return null;
  return (
    <Panel
      title="One piece, one job at a time"
      says="What is asked at one and the same time, and who does it. An estimate: what is asked is a planning value."
    >
      {moments.map((moment) => (
        <Box key={moment.id} paddingY="2" borderTopWidth="1px">
          <Text fontWeight="700">{moment.name}</Text>
          <Box as="ul" listStyleType="none" fontSize="sm">
            {moment.parts.map((part) => (
              <Part key={part.job} view={view} under={under} part={part} />
            ))}
          </Box>
          {!moment.isExact && (
            <Text fontSize="sm" color="fg.muted">
              So many pieces do several of these that not every dealing was looked at.
            </Text>
          )}
        </Box>
      ))}
    </Panel>
  );
}

function momentsUnder({ kit }: UnderBrief): readonly MomentDealt[] {
  return momentsOf(kit);
}

const signs = {
  lacking: ['■', 'signal.fg', 'lacking'],
  makesDo: ['○', 'fg', 'makes do'],
  there: ['●', 'leaf.fg', 'there'],
} as const;

interface PartProps {
  readonly view: KitView;
  readonly under: UnderBrief;
  readonly part: MomentPart;
}

function Part({ view, under, part }: PartProps) {
  const { job, lacks, makesDo } = part;
  const [sign, color, means] =
    lacks > 0 ? signs.lacking : makesDo.length > 0 ? signs.makesDo : signs.there;
  return (
    <li>
      <Text as="span" color={color} role="img" aria-label={means}>
        {sign}
      </Text>{' '}
      <b>{capital(jobsInWords([job]))}:</b> {whoInWords(part, under)}
      {(lacks > 0 || makesDo.length > 0) && <FromTheShelf view={view} part={part} />}
    </li>
  );
}

/** The best that is free on the shelf for what a moment lacks, or has only what makes do for, a press away. */
function FromTheShelf({ view, part }: Pick<PartProps, 'view' | 'part'>) {
  const offer = offersFor(view.bench, jobsThatAnswer(part)).find(
    ({ gear, supply }) => supply.fitness !== 'improvised' && isAnswer(gear, supply),
  );
  if (!offer) return null;
  const { gear } = offer;
  const fix = { gear, count: 1, isOnShelf: true };
  return (
    <Box marginY="1">
      <Button
        size="sm"
        onClick={() => perform(layingOutFix(fix, view, newId), `${gear.name} laid on the mat.`)}
      >
        <GearIcon look={gear.look} size={22} /> Lay out {gear.name}
      </Button>
    </Box>
  );
}
