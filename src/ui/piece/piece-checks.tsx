import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { latestChecks, mostChecks, type Check, type Gear } from '@/core/gear';
import { checksOf } from '@/core/upkeep';
import { Button } from '@/ui/fields/button';
import { perform } from '@/ui/notice/notice';
import { PieceLog } from './piece-log';

interface PieceChecksProps {
  readonly gear: Gear;
  readonly today: string;
}

/** What is done to a piece before it goes along, and how it is tried, with the day and the result of the last time. */
export function PieceChecks({ gear, today }: PieceChecksProps) {
  const { ready, trial } = checksOf(gear);
  const latest = latestChecks(gear.checks);

  function keep(done: Omit<Check, 'on'>): void {
    const check: Check = { ...done, on: today };
    const { what, kind: of, passed } = check;
    const others = gear.checks.filter((each) => each.what !== what || each.on !== check.on);
    const said = of === 'ready' ? 'made ready' : passed ? 'passed' : 'failed';
    perform(
      {
        do: 'change gear',
        id: gear.id,
        change: { checks: [...others, check].slice(-mostChecks) },
      },
      `${gear.name}: ${what}, ${said}.`,
    );
  }

  return (
    <Box fontSize="sm">
      <Heading as="h3" fontSize="md" marginBottom="1">
        {ready.length + trial.length === 0 ? 'Tried' : 'Made ready and tried'}
      </Heading>
      {ready.map((what) => (
        <Line key={what} what={what} last={latest.get(what)}>
          <Button size="sm" onClick={() => keep({ what, kind: 'ready', passed: true })}>
            Done
          </Button>
        </Line>
      ))}
      {trial.map((what) => (
        <Line key={what} what={what} last={latest.get(what)}>
          <Button size="sm" onClick={() => keep({ what, kind: 'trial', passed: true })}>
            Passed
          </Button>
          <Button size="sm" onClick={() => keep({ what, kind: 'trial', passed: false })}>
            Failed
          </Button>
        </Line>
      ))}
      <PieceLog gear={gear} onKeep={keep} />
    </Box>
  );
}

interface LineProps {
  readonly what: string;
  readonly last: Check | undefined;
  readonly children: React.ReactNode;
}

function Line({ what, last, children }: LineProps) {
  return (
    <Box marginTop="1">
      <Text>
        {what}{' '}
        <Text as="span" color={last?.passed === false ? 'signal.fg' : 'fg.muted'}>
          {lastInWords(last)}
        </Text>
      </Text>
      <Flex gap="1" marginTop="1" role="group" aria-label={what}>
        {children}
      </Flex>
    </Box>
  );
}

function lastInWords(last: Check | undefined): string {
  if (last === undefined) return '– never yet';
  const done =
    last.kind === 'ready'
      ? 'done'
      : last.passed
        ? 'passed'
        : '▲ failed: it does nothing until it passes';
  return `– ${done}, ${last.on}${last.where ? `, ${last.where}` : ''}`;
}
