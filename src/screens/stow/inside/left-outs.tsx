'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import {
  fitFixInWords,
  whyInWords,
  type CavityQuestion,
  type Fix,
  type Stowage,
} from '@/core/fit/laid-out';
import { isOfModule, type Bench } from '@/core/loadout';
import { Button } from '@/ui/fields/button';
import { Panel } from '@/ui/fields/panel';
import type { KitView } from '@/ui/kit/kit-view';
import { perform, sayRefused } from '@/ui/notice/notice';
import { notBeside } from '@/workers/beside';
import { callFixes } from '@/workers/stow-calls';
import type { Stowing } from '@/ui/kit/stowings';

interface LeftOutsProps {
  readonly view: KitView;
  readonly question: CavityQuestion;
  readonly stowing: Stowing | null;
}

/** What stays outside and why, and the smallest changes that help, each of them packed and seen to help. */
export function LeftOuts({ view, question, stowing }: LeftOutsProps) {
  const stowage = stowing?.stowage;
  if (!stowage || stowage.fits) return null;
  const named = stowage.left.map(({ id, why }) => ({
    id,
    why: whyInWords(why, view.units),
    name: question.items.find((item) => item.id === id)?.name ?? id,
  }));
  const byWords = new Map<string, number>();
  for (const { name, why } of named) {
    const words = `${name}: ${why}.`;
    byWords.set(words, (byWords.get(words) ?? 0) + 1);
  }
  return (
    <Panel title="Left out">
      <Flex as="ul" direction="column" gap="1.5" listStyleType="none">
        {[...byWords].map(([words, count]) => (
          <Text as="li" key={words}>
            ■ {words}
            {count > 1 && ` (${count} of them)`}
          </Text>
        ))}
      </Flex>
      {stowing.state === 'done' && !isOfModule(question.placement) && (
        <Fixes view={view} question={question} stowage={stowage} />
      )}
    </Panel>
  );
}

interface FixesProps {
  readonly view: KitView;
  readonly question: CavityQuestion;
  readonly stowage: Stowage;
}

/** Offers as they are found. */
function Fixes({ view, question, stowage }: FixesProps) {
  const { bench, own, tree } = view;
  const inWords = (fix: Fix) => fitFixInWords(bench.shelf, tree, fix);
  const { fixes, isLooking } = useFixes(bench, own.id, question, stowage);
  return (
    <Box marginTop="3" aria-live="polite">
      <Text fontWeight="700" fontSize="sm">
        What would help
      </Text>
      <Flex direction="column" align="flex-start" gap="2" marginTop="1">
        {fixes.map((fix, at) => (
          <Button
            key={at}
            whiteSpace="normal"
            textAlign="left"
            onClick={() => perform(fix.command, `${inWords(fix)}: done.`)}
          >
            <span>
              {inWords(fix)}
              <Text as="span" fontWeight="400" color="fg.muted" fontSize="sm">
                {fix.left === 0 ? ' · then all goes in' : ` · then ${fix.left} stay outside`}
              </Text>
            </span>
          </Button>
        ))}
        {isLooking && <Text fontSize="sm">Packing what might help…</Text>}
        {!isLooking && fixes.length === 0 && (
          <Text fontSize="sm">
            Nothing found: no turn, no other room of this kit and no free piece of the shelf helps
            by itself.
          </Text>
        )}
      </Flex>
    </Box>
  );
}

function useFixes(bench: Bench, loadout: string, question: CavityQuestion, stowage: Stowage) {
  const [found, setFound] = useState<{
    readonly of: Stowage | null;
    readonly fixes: readonly Fix[];
    readonly isLooking: boolean;
  }>({ of: null, fixes: [], isLooking: true });
  const { placement, cavity } = question;
  useEffect(() => {
    let isStale = false;
    const asked = { bench, loadout, placement, cavity };
    const call = callFixes(asked, stowage, (fix) => {
      if (isStale) return;
      setFound((before) => ({
        of: stowage,
        fixes: before.of === stowage ? [...before.fixes, fix] : [fix],
        isLooking: true,
      }));
    });
    const ended = () => {
      if (isStale) return;
      setFound((before) => ({
        of: stowage,
        fixes: before.of === stowage ? before.fixes : [],
        isLooking: false,
      }));
    };
    call.result.then(ended).catch(() => {
      ended();
      if (!isStale) sayRefused(notBeside);
    });
    return () => {
      isStale = true;
      call.cancel();
    };
  }, [bench, loadout, placement, cavity, stowage]);
  return found.of === stowage ? found : { fixes: [], isLooking: true };
}
