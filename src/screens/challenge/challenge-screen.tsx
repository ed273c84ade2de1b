'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import type { Challenge } from '@/core/brief';
import { challenges } from '@/core/brief/challenges';
import { readChallenge, writeChallenge } from '@/core/exchange/challenge';
import { whyTooLarge } from '@/core/exchange/limits';
import { girthMm, ruleInWords, rulesKept, type RuleKept } from '@/core/judge/brief-rules';
import { workedOut, type WorkedOutKit } from '@/core/kit';
import { kitsByName, setsOutG, type Bench } from '@/core/loadout';
import { printLength, printMass, printMoney, printNumber } from '@/core/quantity';
import { useBench } from '@/store/bench';
import { newId } from '@/store/new-id';
import { usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { Choice } from '@/ui/fields/choice';
import { FileChoice } from '@/ui/fields/file-choice';
import { Panel } from '@/ui/fields/panel';
import { PlainTable } from '@/ui/fields/plain-table';
import { saveText } from '@/ui/files/save-text';
import { useLaidOut } from '@/ui/kit/answers';
import { useToday } from '@/store/today';
import { perform } from '@/ui/notice/notice';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';

/** One named set of rules, and every kit of the bench held against it side by side. */
export function ChallengeScreen() {
  const bench = useBench();
  const units = usePreferences((state) => state.units);
  const [taken, setTaken] = useState<readonly Challenge[]>([]);
  const [chosen, setChosen] = useState<string>(challenges[0]!.id);
  const [refusal, setRefusal] = useState<string | null>(null);
  const all = useMemo(() => [...challenges, ...challengesOf(bench), ...taken], [bench, taken]);
  const challenge = all.find(({ id }) => id === chosen) ?? all[0]!;
  return (
    <Box maxWidth="1080px">
      <ScreenHeading>Challenge</ScreenHeading>
      <SubPlaces />
      <Panel
        title={challenge.name}
        says={challenge.note || 'A set of rules that kits are held against: pass or fail.'}
      >
        <Flex gap="3" wrap="wrap" align="flex-end">
          <Choice
            label="Set of rules"
            value={challenge.id}
            options={all.map(({ id, name }) => [id, name] as const)}
            onChange={setChosen}
          />
          <FileChoice
            label="Set of rules to take in"
            accept=".json,application/json"
            onChoose={(file) => void take(file)}
          >
            Take from a file…
          </FileChoice>
          <Button
            onClick={() =>
              saveText(
                `${challenge.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.json`,
                writeChallenge(challenge),
              )
            }
          >
            Hand it on as a file
          </Button>
        </Flex>
        {refusal !== null && (
          <Box role="alert" marginTop="3" padding="3" borderRadius="10px" bg="signal.soft">
            <Text wordBreak="break-word">{refusal}</Text>
            <Text color="fg.muted">Nothing was taken in.</Text>
          </Box>
        )}
        <Board bench={bench} challenge={challenge} units={units} />
      </Panel>
    </Box>
  );

  async function take(file: File): Promise<void> {
    const tooLarge = whyTooLarge(file.size);
    const read = tooLarge === null ? readChallenge(await file.text()) : null;
    if (read === null || !read.ok) {
      return setRefusal(`${file.name}: ${read === null ? tooLarge : read.problem.message}`);
    }
    const fresh = { ...read.value, id: newId() };
    setRefusal(null);
    setTaken([...taken, fresh]);
    setChosen(fresh.id);
  }
}

/** The sets of rules that kits of the bench have in their briefs, once each by their name. */
function challengesOf(bench: Bench): readonly Challenge[] {
  const seen = new Set<string>();
  return kitsByName(bench).flatMap(({ id, name, brief }) => {
    if (!brief || brief.rules.length === 0) return [];
    const called = brief.challenge || `The rules of ${name}`;
    if (seen.has(called)) return [];
    seen.add(called);
    return [{ id: `of-${id}`.slice(0, 64), name: called, note: '', rules: brief.rules }];
  });
}

interface BoardProps {
  readonly bench: Bench;
  readonly challenge: Challenge;
  readonly units: 'metric' | 'us';
}

interface Held {
  readonly kit: WorkedOutKit;
  readonly kept: readonly RuleKept[];
}

function Board({ bench, challenge, units }: BoardProps) {
  const laidOut = useLaidOut();
  const today = useToday();
  const held = useMemo(
    () =>
      kitsByName(bench).map((loadout): Held => {
        const kit = workedOut(bench, loadout, today, laidOut);
        return { kit, kept: rulesKept(kit, challenge.rules) };
      }),
    [bench, challenge, today, laidOut],
  );
  const edge = { units, currency: bench.currency };
  if (held.length === 0) return <Text marginTop="3">There is no kit yet to hold against it.</Text>;
  return (
    <Box
      overflowX="auto"
      marginTop="4"
      tabIndex={0}
      role="region"
      aria-label="Kits against the rules"
    >
      <PlainTable>
        <thead>
          <tr>
            <th scope="col">Rule</th>
            {held.map(({ kit }) => (
              <th scope="col" key={kit.own.id}>
                {kit.own.name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {challenge.rules.map((rule, at) => (
            <Box as="tr" key={at} borderTopWidth="1px">
              <th scope="row">
                <Text fontWeight="400">{ruleInWords(rule, edge)}</Text>
              </th>
              {held.map(({ kit, kept }) => (
                <td key={kit.own.id}>
                  <Verdict kept={kept[at]!.kept} />
                </td>
              ))}
            </Box>
          ))}
          <Figures
            name="Kept"
            of={({ kept }) =>
              `${kept.filter((each) => each.kept === true).length} of ${kept.length}`
            }
            held={held}
            isStrong
          />
          <Figures
            name="Sets out with"
            of={({ kit }) => printMass(setsOutG(kit.whole, kit.totals), units)}
            held={held}
          />
          <Figures
            name="Girth"
            of={({ kit }) => {
              const round = girthMm(kit);
              return round === null ? 'not known' : printLength(round, units);
            }}
            held={held}
          />
          <Figures
            name="Price"
            of={({ kit }) => printMoney(kit.totals.whole.priceMinor, bench.currency)}
            held={held}
          />
          <Figures
            name="Ways to ignite"
            of={({ kit }) => printNumber(kit.ways.depth(['flame', 'spark', 'sun-fire']), 0)}
            held={held}
          />
          <tr>
            <td />
            {held.map(({ kit }) => (
              <td key={kit.own.id}>
                <Take kit={kit} challenge={challenge} />
              </td>
            ))}
          </tr>
        </tbody>
      </PlainTable>
    </Box>
  );
}

interface FiguresProps {
  readonly name: string;
  readonly of: (held: Held) => string;
  readonly held: readonly Held[];
  readonly isStrong?: boolean;
}

function Figures({ name, of, held, isStrong = false }: FiguresProps) {
  return (
    <Box as="tr" borderTopWidth="1px" fontWeight={isStrong ? '700' : '400'}>
      <th scope="row">{name}</th>
      {held.map((each) => (
        <td key={each.kit.own.id}>{of(each)}</td>
      ))}
    </Box>
  );
}

function Verdict({ kept }: { readonly kept: boolean | null }) {
  const [sign, words, colour] =
    kept === null
      ? ['?', 'not known', 'fg.muted']
      : kept
        ? ['●', 'kept', 'leaf.fg']
        : ['■', 'broken', 'signal.fg'];
  return (
    <Text as="span" color={colour}>
      <span aria-hidden>{sign}</span> {words}
    </Text>
  );
}

/** Writes the rules into the brief of a kit, in the place of those that it has. */
function Take({
  kit: { own },
  challenge,
}: {
  readonly kit: WorkedOutKit;
  readonly challenge: Challenge;
}) {
  const { brief } = own;
  const isIts = brief?.rules === challenge.rules;
  if (brief === null || isIts) {
    return <Text color="fg.muted">{isIts ? 'its own rules' : 'has no brief yet'}</Text>;
  }
  return (
    <Button
      size="sm"
      aria-label={`Make them its rules: ${own.name}`}
      onClick={() =>
        perform(
          {
            do: 'change kit',
            id: own.id,
            change: { brief: { ...brief, rules: challenge.rules, challenge: challenge.name } },
          },
          `${own.name} keeps to ${challenge.name} now.`,
        )
      }
    >
      Make them its rules
    </Button>
  );
}
