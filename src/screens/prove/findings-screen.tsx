'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import type { Severity, ToDo } from '@/core/judge';
import { Button } from '@/ui/fields/button';
import { Folded } from '@/ui/fields/folded';
import { Panel } from '@/ui/fields/panel';
import { lateJudge, type Judge } from '@/ui/kit/judge';
import type { LetBe } from '@/ui/kit/judged';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { NextStep } from '@/ui/kit/next-step';
import { NoKit } from '@/ui/kit/no-kit';
import { perform } from '@/ui/notice/notice';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { FindingSheet } from './finding-sheet';
import { keyOf, useBestFixes } from './use-fixes';

const titles: Readonly<Record<ToDo, readonly [title: string, says: string]>> = {
  'add or swap': ['Add or swap', 'Something is missing, or another piece does it better.'],
  'pack otherwise': ['Pack it otherwise', 'It is there, and lies where it should not.'],
  'make ready and try': ['Make ready and try', 'A minute at the table, before it goes along.'],
  'renew and look after': ['Renew and look after', 'It decays, or is not here.'],
  'leave at home': ['Leave at home', 'Nothing is lost without it.'],
  know: ['Know', 'Nothing in the kit mends it.'],
};

const heaviest: Readonly<Record<Severity, number>> = { stop: 0, warn: 1, note: 2 };

/** Every finding, grouped by what is to be done about it, each with its reason and what mends it. */
export function FindingsScreen() {
  const view = useKitView();
  const judge = lateJudge.use();
  if (!view) return <NoKit />;
  return (
    <Box maxWidth="1080px">
      <ScreenHeading>What an old hand would say of {view.own.name}</ScreenHeading>
      <SubPlaces />
      {view.loadout.placements.length === 0 ? (
        <NextStep says={`Nothing is in ${view.own.name} yet that could be judged.`} />
      ) : judge === null || !view.isJudged ? (
        <Text role="status">Looking through the rules…</Text>
      ) : (
        <Findings view={view} judge={judge} />
      )}
    </Box>
  );
}

/** So many are told to be done first: who is told thirty things does none. */
const mostFirst = 5;

function Findings({ view, judge }: { readonly view: KitView; readonly judge: Judge }) {
  const first = view.findings.filter(({ severity }) => severity !== 'note').slice(0, mostFirst);
  const rest = view.findings.filter((finding) => !first.includes(finding));
  const best = useBestFixes(view, first);
  const groups = judge.toDos
    .map((toDo) => ({
      toDo,
      findings: rest.filter((finding) => judge.toDoAbout(finding) === toDo),
    }))
    .filter(({ findings }) => findings.length > 0)
    .sort(
      (one, other) => heaviest[one.findings[0]!.severity] - heaviest[other.findings[0]!.severity],
    );
  return (
    <Flex direction="column" gap="4">
      {view.findings.length === 0 && (
        <Text>Nothing to look at: every rule that is checked holds.</Text>
      )}
      {first.length > 0 && (
        <Panel
          title="Do these first"
          says="What hurts soonest where you are going, the gravest first. The green button was tried: it mends it, and makes nothing else worse."
        >
          <Flex as="ul" direction="column" gap="1" listStyleType="none">
            {first.map((finding) => (
              <FindingSheet
                key={keyOf(finding)}
                view={view}
                judge={judge}
                finding={finding}
                best={best.get(keyOf(finding))}
              />
            ))}
          </Flex>
        </Panel>
      )}
      {groups.length > 0 && (
        <Panel title={`The rest (${rest.length})`} says="By what to do about it.">
          {groups.map(({ toDo, findings }) => (
            <Folded key={toDo} title={`${titles[toDo][0]} (${findings.length})`}>
              <Text fontSize="sm" color="fg.muted">
                {titles[toDo][1]}
              </Text>
              <Flex as="ul" direction="column" gap="1" listStyleType="none">
                {findings.map((finding) => (
                  <FindingSheet key={keyOf(finding)} view={view} judge={judge} finding={finding} />
                ))}
              </Flex>
            </Folded>
          ))}
        </Panel>
      )}
      {view.letBe.length > 0 && <LetBeList view={view} letBe={view.letBe} />}
      <Text fontSize="sm" color="fg.muted">
        {`${view.findings.length} findings of ${judge.ruleCount} rules; a rule that cannot know is silent. This plans and reminds; it does not train.`}
      </Text>
    </Flex>
  );
}

function LetBeList({ view, letBe }: { readonly view: KitView; readonly letBe: readonly LetBe[] }) {
  const { own } = view;
  return (
    <Folded title={`Let be (${letBe.length}): back as soon as what they were found by changes`}>
      <Flex as="ul" direction="column" gap="1" listStyleType="none">
        {letBe.map(({ rule, of, message, as }) => (
          <Flex
            as="li"
            key={`${rule} ${of}`}
            gap="3"
            align="center"
            wrap="wrap"
            borderTopWidth="1px"
          >
            <Box flex="1" minWidth="240px" paddingY="2">
              <Text>{message}</Text>
              <Text color="fg.muted">
                Since {as.on}
                {as.note !== '' && `: ${as.note}`}
              </Text>
            </Box>
            <Button
              size="sm"
              onClick={() =>
                perform(
                  {
                    do: 'change kit',
                    id: own.id,
                    change: {
                      setAside: (own.setAside ?? []).filter(({ facts }) => facts !== as.facts),
                    },
                  },
                  'It is told again.',
                )
              }
            >
              Tell it again
            </Button>
          </Flex>
        ))}
      </Flex>
    </Folded>
  );
}
