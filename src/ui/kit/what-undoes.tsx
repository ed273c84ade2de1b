'use client';

import { Box, Text } from '@chakra-ui/react';
import { useMemo } from 'react';
import { areActs, jobsInWords, type JobId } from '@/core/gear';
import { minimalSets, mostTogether } from '@/core/losses/minimal-sets';
import type { UnderBrief } from '@/core/kit/under-brief';
import { jobsThatAnswer, momentsOf, type MomentDealt } from '@/core/needs/moments';
import { TextLink } from '@/ui/fields/text-link';
import { useKitView } from './kit-view';
import { LossSets } from './loss-sets';
import { whoInWords } from './moment-in-words';
import { useUnderBrief } from './under-brief';
import { useAfterPaint } from './use-after-paint';
import { namesIn } from './whole-kit';

interface WhatUndoesProps {
  readonly anyOf: readonly JobId[];
  readonly wanted: number;
}

/** Which losses of pieces and holders leave a job undone: what “2 of 3 independent” is worked out from. */
export function WhatUndoes({ anyOf, wanted }: WhatUndoesProps) {
  const view = useKitView();
  const formula = view?.kit.ways.formula;
  const holding = view?.kit.holding;
  const found = useMemo(
    () =>
      formula &&
      holding &&
      minimalSets(formula, anyOf, {
        upTo: mostTogether,
        conditions: [],
        given: { pieces: new Map(), holders: new Set(), conditions: holding },
      }),
    [formula, holding, anyOf],
  );
  if (!view || !found) return null;
  const { isDone, sets } = found;
  const name = areActs(anyOf) ? `to ${jobsInWords(anyOf)}` : `of ${jobsInWords(anyOf)}`;
  return (
    <>
      <Text marginBottom="2">
        {!isDone
          ? `There is no way ${name} in this kit.`
          : sets.length === 0
            ? `Ways ${name}: no three losses together take them all.`
            : `Ways ${name} are independent when no one loss takes two of them. ${wanted} ${wanted === 1 ? 'is' : 'are'} wanted; all of them are gone with`}
      </Text>
      {sets.length > 0 && <LossSets sets={sets} of={namesIn(view.kit)} />}
      <AtOnce anyOf={anyOf} />
      <TextLink href="/prove">Prove the whole kit</TextLink>
    </>
  );
}

/** Who does it in moments that ask several things at once, where one piece does one job at a time. */
function AtOnce({ anyOf }: { readonly anyOf: readonly JobId[] }) {
  const under = useUnderBrief();
  return under && <Moments under={under} anyOf={anyOf} />;
}

function Moments({
  under,
  anyOf,
}: {
  readonly under: UnderBrief;
  readonly anyOf: readonly JobId[];
}) {
  const moments = useAfterPaint(under, momentsUnder) ?? [];
  const asking = moments.flatMap(({ id, name, parts }) =>
    parts
      .filter((part) => jobsThatAnswer(part).some((job) => anyOf.includes(job)))
      .map((part) => ({ id, name, part })),
  );
  if (asking.length === 0) return null;
  return (
    <Box as="ul" listStyleType="none" marginY="2" aria-label="One job at a time">
      {asking.map(({ id, name, part }) => (
        <li key={`${id} ${part.job}`}>
          {name}: {whoInWords(part, under)}.
        </li>
      ))}
    </Box>
  );
}

function momentsUnder({ kit }: UnderBrief): readonly MomentDealt[] {
  return momentsOf(kit);
}
