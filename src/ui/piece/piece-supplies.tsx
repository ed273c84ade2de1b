import { Box, Heading } from '@chakra-ui/react';
import { lampSteps } from '@/core/catalogue/handling';
import { printNumber } from '@/core/quantity';
import {
  amountNow,
  demandInWords,
  isSpent,
  jobs,
  type Fitness,
  type Gear,
  type Supply,
} from '@/core/gear';
import { amountInWords } from '@/core/gear/amount-in-words';
import type { PieceProps } from './piece';

/** What a piece does, how well, and what keeps it from doing it here. */
export function PieceSupplies({ gear, ...piece }: PieceProps) {
  if (gear.supplies.length === 0) return null;
  return (
    <Box>
      <Heading as="h3" fontSize="md" marginBottom="1">
        What it does
      </Heading>
      {gear.supplies.map((supply, at) => (
        <SupplyLine key={at} supply={supply} gear={gear} {...piece} />
      ))}
    </Box>
  );
}

export const fitnessSigns: Readonly<Record<Fitness, readonly [sign: string, words: string]>> = {
  'made-for': ['●', 'made for it'],
  serves: ['◐', 'serves'],
  improvised: ['○', 'makes do'],
};

/** How long a lamp lasts at each of its steps: `; 20 lm for 18 h, 100 lm for 3.5 h`. */
function stepsInWords({ kind }: Gear, lumenHours: number | null): string {
  const steps = (kind !== null && lampSteps.get(kind)) || [];
  if (lumenHours === null || steps.length === 0) return '';
  const lasts = steps.map(
    (lumens) =>
      `${lumens} lm for ${printNumber(lumenHours / lumens, lumenHours / lumens < 10 ? 1 : 0)} h`,
  );
  return `; ${lasts.join(', ')}`;
}

interface SupplyLineProps extends PieceProps {
  readonly supply: Supply;
}

function SupplyLine({ supply, view, placement, gear }: SupplyLineProps) {
  const [sign, words] = fitnessSigns[supply.fitness];
  const amount = amountNow(gear, supply);
  const isWay = view.cover.categories.some(({ jobs: done }) =>
    done.some(
      ({ job, ways }) =>
        job === supply.job && ways.some((way) => way.placement.id === placement.id),
    ),
  );
  const why = isSpent(gear)
    ? 'it is used up'
    : `it relies on ${supply.demands.map(demandInWords).join(' and ')}`;
  return (
    <div className="supply-line" data-way={isWay}>
      <span aria-hidden>{sign}</span>
      <span>
        {jobs[supply.job].name}
        {amount !== null && `, ${amountInWords(supply.job, amount, view.units)}`}, {words}
        {supply.part !== null && `, its ${supply.part}`}
        {supply.job === 'light' && stepsInWords(gear, amount)}
        {!isWay && <em> ▲ not here: {why}</em>}
      </span>
    </div>
  );
}
