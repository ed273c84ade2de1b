'use client';

import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { printMoney } from '@/core/quantity';
import {
  becauseInWords,
  kitsInWords,
  restockAsCsv,
  restockAsMarkdown,
  soonInWords,
} from '@/core/exchange/restock-text';
import { boughtCommand, byKind, restockOf, type RestockLine } from '@/core/upkeep';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { CountInput, countTyped, DayInput } from '@/ui/fields/day-and-count';
import { saveText } from '@/ui/files/save-text';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import { perform } from '@/ui/notice/notice';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { useDue, type DueView } from './use-due';

/** Everything to get, over all kits, by the shelf of the shop that it stands on. */
export function RestockScreen() {
  const view = useDue();
  const { bench, list, today } = view;
  const lines = useMemo(() => restockOf(bench, list.dues, today), [bench, list, today]);
  const known = lines.flatMap(({ priceMinor }) => priceMinor ?? []);
  const sum = known.reduce((all, price) => all + price, 0);
  const unpriced = lines.length - known.length;
  return (
    <Box maxWidth="860px">
      <ScreenHeading>Restock</ScreenHeading>
      <SubPlaces />
      {lines.length === 0 ? (
        <Text>
          Nothing has to be got: no round found anything missing, and no date runs out in the next
          three months.
        </Text>
      ) : (
        <>
          <Flex justify="space-between" align="center" gap="3" wrap="wrap" marginBottom="2">
            <Text>
              <Text as="span" fontWeight="700" fontSize="xl">
                {printMoney(sum, bench.currency)}
              </Text>{' '}
              for {lines.length === 1 ? 'one line' : `${lines.length} lines`}
              {unpriced > 0 && `, ${unpriced} of them without a price`}
            </Text>
            <Flex gap="2" className="no-print" wrap="wrap">
              <Button
                onClick={() =>
                  saveText(`restock-${today}.csv`, restockAsCsv(lines, bench.currency), 'text/csv')
                }
              >
                CSV
              </Button>
              <Button
                onClick={() =>
                  saveText(
                    `restock-${today}.md`,
                    restockAsMarkdown(lines, bench.currency, today),
                    'text/markdown',
                  )
                }
              >
                Markdown
              </Button>
              <Button onClick={() => window.print()}>
                <Printer size={18} aria-hidden /> Print
              </Button>
            </Flex>
          </Flex>
          {byKind(lines).map(({ name, lines: own }) => (
            <Box as="section" key={name} aria-label={name} marginBottom="4">
              <Heading as="h2" fontSize="md">
                {name}
              </Heading>
              <Box as="ul" listStyleType="none">
                {own.map((line) => (
                  <Line key={line.id} line={line} view={view} />
                ))}
              </Box>
            </Box>
          ))}
        </>
      )}
    </Box>
  );
}

function Line({ line, view }: { readonly line: RestockLine; readonly view: DueView }) {
  const { bench } = view;
  const { gear, count, kits, priceMinor } = line;
  const [isBuying, setBuying] = useState(false);
  return (
    <Box as="li" borderTopWidth="1px" paddingY="2">
      <Flex gap="3" align="center" wrap="wrap">
        <GearIcon look={gear.look} size={30} />
        <Box flex="1" minWidth="180px">
          <Text fontWeight="600">
            {count} × {gear.name}
          </Text>
          <Text fontSize="sm" color="fg.muted">
            for {kits.length > 0 ? kitsInWords(line) : 'the shelf'}; {becauseInWords(line)}
            {line.want && line.want.note !== '' && `: ${line.want.note}`}
          </Text>
        </Box>
        <Box textAlign="right">
          <Text fontSize="sm" fontWeight="600">
            {soonInWords(line)}
          </Text>
          <Text fontSize="sm" color="fg.muted">
            {priceMinor === null ? 'no price' : printMoney(priceMinor, bench.currency)}
          </Text>
        </Box>
        <Flex gap="1" className="no-print">
          <Button
            size="sm"
            aria-expanded={isBuying}
            aria-label={`${gear.name} is bought`}
            onClick={() => setBuying(!isBuying)}
          >
            Bought…
          </Button>
          {line.want && (
            <Button
              size="sm"
              variant="bare"
              aria-label={`Take ${gear.name} off the list`}
              onClick={() =>
                perform({ do: 'remove want', id: line.want!.id }, `${gear.name} is off the list.`)
              }
            >
              Not needed
            </Button>
          )}
        </Flex>
      </Flex>
      {isBuying && <BoughtForm line={line} view={view} onDone={() => setBuying(false)} />}
    </Box>
  );
}

interface BoughtFormProps {
  readonly line: RestockLine;
  readonly view: DueView;
  readonly onDone: () => void;
}

/** How many came, when, and what is printed on them. */
function BoughtForm({ line, view, onDone }: BoughtFormProps) {
  const { bench, today } = view;
  const [count, setCount] = useState(String(line.count));
  const [on, setOn] = useState(today);
  const [goodUntil, setGoodUntil] = useState('');
  const [problem, setProblem] = useState<string | null>(null);

  function put(): void {
    const bought = {
      count: countTyped(count) ?? 0,
      on,
      goodUntil: goodUntil === '' ? null : goodUntil,
    };
    const command = boughtCommand(bench, line, bought, newId);
    if (!command.ok) {
      setProblem(command.problem.message);
      return;
    }
    const where = line.kit ? ` and in ${line.kit.name}` : '';
    if (perform(command.value, `${count} × ${line.gear.name} on the shelf${where}.`)) onDone();
  }

  return (
    <Box
      as="form"
      aria-label={`${line.gear.name}, bought`}
      className="no-print"
      marginTop="2"
      padding="3"
      bg="panel"
      borderRadius="12px"
      borderWidth="1px"
      onSubmit={(event) => {
        event.preventDefault();
        put();
      }}
    >
      <Flex gap="3" wrap="wrap" align="flex-end">
        <CountInput label="How many" value={count} onChange={setCount} />
        <DayInput label="Bought on" value={on} onChange={setOn} />
        <DayInput label="Printed date, if any" value={goodUntil} onChange={setGoodUntil} />
        <Button type="submit" variant="main">
          Put it in
        </Button>
      </Flex>
      {problem !== null && (
        <Text role="alert" color="fg.error" fontSize="sm" marginTop="2">
          {problem}
        </Text>
      )}
    </Box>
  );
}
