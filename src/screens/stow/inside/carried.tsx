'use client';

import { Box, Text } from '@chakra-ui/react';
import {
  adviceOn,
  balanceOf,
  type Balance,
  type BalanceAdvice,
  type CavityQuestion,
} from '@/core/fit/laid-out';
import { Panel } from '@/ui/fields/panel';
import type { Stowing } from '@/ui/kit/stowings';

interface CarriedProps {
  readonly question: CavityQuestion;
  readonly stowing: Stowing | null;
}

/** In g: what weighs less hangs on nobody's shoulders. */
const leastMassG = 2500;

/** Where the mass sits in something that is worn, and what that means on the way. */
export function Carried({ question, stowing }: CarriedProps) {
  const stowage = stowing?.stowage;
  if (!stowage || !question.loads[0]!.isWorn || stowage.placed.length < 3) return null;
  const masses = new Map(question.items.map(({ id, massG }) => [id, massG]));
  const balance = balanceOf(stowage.container, stowage.placed, (id) => masses.get(id) ?? 0);
  if (!balance || balance.massG < leastMassG) return null;
  const advice = adviceOn(balance);
  return (
    <Panel title="How it carries">
      <BalanceDrawing balance={balance} />
      {advice.length === 0 ? (
        <Text>Well: near the back, in the middle, neither low nor over the shoulders.</Text>
      ) : (
        advice.map((each) => <Text key={each}>{inWords[each]}</Text>)
      )}
      <Text fontSize="sm" color="fg.muted" marginTop="1">
        Each piece counts in its own middle: an estimate.
      </Text>
    </Panel>
  );
}

const inWords: Readonly<Record<BalanceAdvice, string>> = {
  'to one side': 'It hangs to one side: exchange a heavy piece on that side with a light one.',
  'far from the back':
    'The mass sits far from the back and pulls: bring the heaviest piece inward.',
  'top-heavy': 'It is top-heavy: on broken ground bring the heaviest piece lower.',
  low: 'The mass sits low: steady, but it pulls backward on the level. Lift the heaviest piece.',
};

/** The load from the side, its back on the left, with the centre of mass. */
function BalanceDrawing({ balance }: { readonly balance: Balance }) {
  return (
    <Box float="right" marginLeft="3" marginBottom="1">
      <svg
        width="72"
        height="96"
        viewBox="0 0 72 96"
        role="img"
        aria-label={`Centre of mass ${Math.round(balance.up * 100)} % up and ${Math.round(balance.out * 100)} % out from the back`}
      >
        <rect
          x="12"
          y="4"
          width="54"
          height="88"
          rx="12"
          fill="none"
          stroke="var(--acorn-colors-fg)"
        />
        <path d="M12 10 V86" stroke="var(--acorn-colors-fg)" strokeWidth="4" />
        <circle
          cx={12 + 54 * balance.out}
          cy={92 - 88 * balance.up}
          r="7"
          fill="var(--acorn-colors-leaf-vivid)"
          stroke="var(--acorn-colors-fg)"
        />
      </svg>
    </Box>
  );
}
