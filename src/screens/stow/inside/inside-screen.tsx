'use client';

import { Box, Flex } from '@chakra-ui/react';
import { useRouter, useSearchParams } from 'next/navigation';
import { questionsOf, type CavityQuestion } from '@/core/fit/laid-out';
import { Choice } from '@/ui/fields/choice';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { NextStep } from '@/ui/kit/next-step';
import { NoKit } from '@/ui/kit/no-kit';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { insidePath, roomName } from '../room';
import { useLayingOut } from '../use-laying-out';
import { useStowing } from '@/ui/kit/stowings';
import { Carried } from './carried';
import { FillStory } from './fill-story';
import { LeftOuts } from './left-outs';
import { Stage } from './stage';

/** One cavity from inside: how all in it lies, in the round and in layers, and what does not go in. */
export function InsideScreen() {
  const view = useKitView();
  return view ? <Inside view={view} /> : <NoKit />;
}

function Inside({ view }: { readonly view: KitView }) {
  useLayingOut(view);
  const router = useRouter();
  const asked = useSearchParams();
  const questions = questionsOf(view.loadout, view.bench.shelf);
  const wished = questions.find(
    ({ placement, cavity }) => placement === asked.get('in') && cavity === asked.get('cavity'),
  );
  const fullest = [...questions].sort((a, b) => b.items.length - a.items.length)[0];
  const question = wished ?? fullest ?? null;
  return (
    <>
      <ScreenHeading>
        {question ? `Inside ${roomName(view, question)}` : `Inside ${view.loadout.name}`}
      </ScreenHeading>
      <Flex justify="space-between" wrap="wrap" columnGap="4">
        <SubPlaces />
        {question && (
          <Box className="no-print" marginBottom="3">
            <Choice
              label="Look into"
              isLabelHidden
              minWidth="280px"
              value={`${question.placement} ${question.cavity}`}
              options={questions.map((each) => [
                `${each.placement} ${each.cavity}`,
                `${roomName(view, each)} · ${each.items.length}`,
              ])}
              onChange={(value) => {
                const [placement, cavity] = value.split(' ') as [string, string];
                router.replace(insidePath(placement, cavity), { scroll: false });
              }}
            />
          </Box>
        )}
      </Flex>
      {question ? (
        <Room view={view} question={question} />
      ) : (
        <NextStep says="Nothing of this kit is in a holder yet." does="Pack it" path="/stow" />
      )}
    </>
  );
}

function Room({ view, question }: { readonly view: KitView; readonly question: CavityQuestion }) {
  const stowing = useStowing(question);
  return (
    <Flex gap="4" align="flex-start" flexDirection={{ base: 'column', lg: 'row' }}>
      <Box flex="1.7" minWidth="0" width="100%">
        <Stage
          view={view}
          question={question}
          stowage={stowing?.stowage ?? null}
          isFailed={stowing?.state === 'failed'}
        />
      </Box>
      <Flex direction="column" gap="4" flex="1" minWidth="0" width="100%" className="no-print">
        <FillStory view={view} question={question} stowing={stowing} />
        <LeftOuts view={view} question={question} stowing={stowing} />
        <Carried question={question} stowing={stowing} />
      </Flex>
    </Flex>
  );
}
