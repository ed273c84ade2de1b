'use client';

import { Box, Text } from '@chakra-ui/react';
import { capital } from '@/core/gear';
import { questionInWords, type QuestionLost } from '@/core/losses';
import { Folded } from '@/ui/fields/folded';
import { Panel } from '@/ui/fields/panel';
import type { KitView } from '@/ui/kit/kit-view';
import { LossSets } from '@/ui/kit/loss-sets';
import { namesInWhole } from '@/ui/kit/whole-kit';

/** For each thing that the kit must do, every set of up to three losses that it takes to leave it undone. */
export function WhatItTakes({
  view,
  asked,
}: {
  readonly view: KitView;
  readonly asked: readonly QuestionLost[];
}) {
  const musts = asked.filter(({ question }) => question.wanted !== null);
  return (
    <Panel
      title="What it takes"
      says="Every set of one, two or three losses that leaves a thing undone, when each of them is needed for that. Worked out exactly, over all pieces, holders and conditions."
    >
      {musts.map(({ question, depth, sets }) => (
        <Folded key={question.id} title={`${capital(questionInWords(question))}: ${takes(depth)}`}>
          {sets.length > 0 ? (
            <LossSets sets={sets} of={namesInWhole(view)} />
          ) : (
            <Text paddingBottom="2">
              {depth === 0 ? 'Nothing in the kit does it.' : 'No three losses together undo it.'}
            </Text>
          )}
        </Folded>
      ))}
      <Box height="1" />
    </Panel>
  );
}

function takes(depth: number): string {
  if (depth === 0) return 'not done at all';
  if (depth === 1) return 'one loss is enough';
  return depth > 3 ? 'more than three losses' : `${depth} losses`;
}
