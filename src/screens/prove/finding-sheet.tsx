'use client';

import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Fix, Severity } from '@/core/judge';
import { usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { LabelledInput } from '@/ui/fields/labelled-input';
import type { Judge } from '@/ui/kit/judge';
import type { ToldFinding } from '@/ui/kit/judged';
import type { KitView } from '@/ui/kit/kit-view';
import { select } from '@/ui/kit/selection';
import { perform } from '@/ui/notice/notice';
import { moodColours, type Mood } from '@/ui/shell/figure';
import { keyOf, useFixes } from './use-fixes';

const moods: Readonly<Record<Severity, readonly [mood: Mood, word: string]>> = {
  stop: ['stop', 'Stop'],
  warn: ['watch', 'Warn'],
  note: ['fine', 'Note'],
};

interface FindingSheetProps {
  readonly view: KitView;
  readonly judge: Judge;
  readonly finding: ToldFinding;
  /** What mends it best, where that was tried: null where nothing does, undefined while it is tried or not asked for. */
  readonly best?: Fix | null | undefined;
}

/** One finding; opened, why it matters, what mends it, and a way to let it be. The letter m does the first that mends it. */
export function FindingSheet({ view, judge, finding, best }: FindingSheetProps) {
  const [isOpen, setIsOpen] = useState(false);
  const { letterKeys } = usePreferences();
  const tried = useFixes(view, finding, isOpen);
  const [mood, word] = moods[finding.severity];
  const { text, sign } = moodColours[mood];
  const mend = ({ says, command }: Fix) => perform(command, `${says}: done.`);
  return (
    <Box
      as="li"
      borderTopWidth="1px"
      data-finding={finding.rule}
      onKeyDown={(event) => {
        const isTyping = event.target instanceof HTMLInputElement;
        if (event.key !== 'm' || isTyping || !letterKeys || event.ctrlKey || event.metaKey) return;
        if (!isOpen) setIsOpen(true);
        else if (tried?.fixes[0]) mend(tried.fixes[0]);
      }}
    >
      <chakra.button
        type="button"
        display="flex"
        gap="2"
        width="100%"
        minHeight="11"
        paddingY="2"
        textAlign="left"
        cursor="pointer"
        aria-expanded={isOpen}
        onClick={() => setIsOpen(!isOpen)}
      >
        <Text as="span" color={text} fontWeight="700" flexShrink="0" width="58px">
          {sign} {word}
        </Text>
        <span>{finding.message}</span>
      </chakra.button>
      {best && !isOpen && (
        <Box paddingLeft={{ md: '66px' }} paddingBottom="3">
          <Button size="sm" whiteSpace="normal" variant="main" onClick={() => mend(best)}>
            {judge.fixInWords(best, view.units)}
          </Button>
        </Box>
      )}
      {best === null && !isOpen && (
        <Text paddingLeft={{ md: '66px' }} paddingBottom="3" fontSize="sm" color="fg.muted">
          {noSingleFix(judge, finding)}
        </Text>
      )}
      {isOpen && (
        <Box paddingLeft={{ md: '66px' }} paddingBottom="3">
          <Text color="fg.muted" marginBottom="2">
            {judge.ruleOf(finding.rule).because}
          </Text>
          <Flex gap="2" wrap="wrap" align="center">
            {(tried?.fixes ?? []).map((fix, at) => (
              <Button
                key={fix.says}
                size="sm"
                whiteSpace="normal"
                variant={at === 0 ? 'main' : 'plain'}
                onClick={() => mend(fix)}
              >
                {judge.fixInWords(fix, view.units)}
              </Button>
            ))}
            <Leads finding={finding} />
            <Text as="span" fontSize="sm" color="fg.muted" role="status">
              {tried === null || !tried.isDone
                ? 'Trying what mends it…'
                : tried.fixes.length === 0
                  ? noSingleFix(judge, finding)
                  : 'Each was tried: it helps, and nothing else gets worse.'}
            </Text>
          </Flex>
          {finding.parts && (
            <Box marginTop="2">
              <Text fontWeight="600">Each of it</Text>
              <Flex as="ul" direction="column" listStyleType="none">
                {finding.parts.map((part) => (
                  <FindingSheet key={keyOf(part)} view={view} judge={judge} finding={part} />
                ))}
              </Flex>
            </Box>
          )}
          <LetItBe view={view} judge={judge} finding={finding} />
        </Box>
      )}
    </Box>
  );
}

/** Where no change that was tried mends it: what does, in things. */
function noSingleFix(judge: Judge, { rule }: ToldFinding): string {
  return `No single change that was tested fixes this. What usually helps: ${judge.ruleOf(rule).mendedBy}.`;
}

/** Where somebody goes about it by hand. */
function Leads({ finding: { rule, about } }: { readonly finding: ToldFinding }) {
  const router = useRouter();
  const [name, path] = rule.startsWith('stow/')
    ? (['Show it in Stow', '/stow'] as const)
    : rule.startsWith('keep/')
      ? (['Show it in Keep', '/keep'] as const)
      : about.length === 0 || rule === 'need/short'
        ? (['To what the trip asks', '/brief/enough'] as const)
        : (['Show it on the mat', '/layout'] as const);
  return (
    <Button
      size="sm"
      variant="bare"
      textDecoration="underline"
      onClick={() => {
        if (about[0]) select(about[0]);
        router.push(path);
      }}
    >
      {name}
    </Button>
  );
}

function LetItBe({ view, judge, finding }: FindingSheetProps) {
  const [note, setNote] = useState('');
  const { own, kit } = view;
  return (
    <Flex
      as="form"
      gap="2"
      align="flex-end"
      wrap="wrap"
      marginTop="2"
      onSubmit={(event) => {
        event.preventDefault();
        const all = [...view.findings, ...view.letBe];
        const setAside = judge.withSetAside(own, all, finding, { note: note.trim(), on: kit.day });
        perform(
          { do: 'change kit', id: own.id, change: { setAside } },
          'It is let be, until what it was found by changes.',
        );
      }}
    >
      <LabelledInput
        label="Or let it be, because"
        value={note}
        maxLength={200}
        onChange={(event) => setNote(event.target.value)}
      />
      <Button type="submit" size="sm">
        Let it be
      </Button>
    </Flex>
  );
}
