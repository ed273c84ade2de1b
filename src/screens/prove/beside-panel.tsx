'use client';

import { Box, Text } from '@chakra-ui/react';
import { amountInWords } from '@/core/gear';
import {
  kitsBeside,
  needsThatDiffer,
  standsInFor,
  underBriefBeside,
  type Beside,
  type DoneBy,
  type NeedBeside,
} from '@/core/kit/beside';
import type { WorkedOutKit } from '@/core/kit';
import type { UnderBrief } from '@/core/kit/under-brief';
import { needNames } from '@/core/needs/need';
import { listed, printNumber } from '@/core/quantity';
import { Panel } from '@/ui/fields/panel';
import { PlainTable } from '@/ui/fields/plain-table';
import type { KitView } from '@/ui/kit/kit-view';
import { useAfterPaint } from '@/ui/kit/use-after-paint';
import { lastsInWords, StandingCell } from './standing-cell';

interface BesideIt {
  readonly each: readonly { readonly kit: WorkedOutKit; readonly stands: Beside }[];
  readonly alone: UnderBrief;
  readonly together: UnderBrief;
}

/** What this kit gives back when one that is beside it is lost, and how long both last together. */
export function BesidePanel({ view }: { readonly view: KitView }) {
  const found = useAfterPaint(view, besideIt);
  if (!found || found.each.length === 0) return null;
  const { each, alone, together } = found;
  return (
    <Panel
      title="Beside it"
      says="If what is beside it is lost with all in it, this kit gives back what it does itself. Figures are the losses it takes until nothing does it."
      overflowX="auto"
    >
      {each.map(({ kit, stands }) => (
        <Box key={kit.own.id} marginBottom="3">
          <Text>
            <b>
              Gives back {stands.givesBack} of {stands.outOf}
            </b>{' '}
            critical jobs of {kit.own.name}.
          </Text>
          <StandsIn view={view} other={kit.own.name} stands={stands} />
        </Box>
      ))}
      <Text fontSize="sm">
        Alone it lasts {lastsInWords(alone.lasts)}; with{' '}
        {listed(each.map(({ kit }) => kit.own.name))}, {lastsInWords(together.lasts)}.
      </Text>
      <NeedsBeside needs={needsThatDiffer(alone, together)} />
    </Panel>
  );
}

interface StandsInProps {
  readonly view: KitView;
  readonly other: string;
  readonly stands: Beside;
}

function StandsIn({ view, other, stands }: StandsInProps) {
  return (
    <PlainTable>
      <thead>
        <tr>
          <th scope="col">Job</th>
          <th scope="col">{other}</th>
          <th scope="col">this</th>
          <th scope="col">both</th>
          <th scope="col">If {other} is lost</th>
        </tr>
      </thead>
      <tbody>
        {stands.jobs
          .filter(({ both }) => both > 0)
          .map(({ inWords, beside, here, both, isGivenBack, by }) => (
            <Box as="tr" key={inWords} borderTopWidth="1px">
              <th scope="row">
                <Text as="span" color={isGivenBack || beside === 0 ? 'leaf.fg' : 'signal.fg'}>
                  <span role="img" aria-label={isGivenBack || beside === 0 ? 'there' : 'lost'}>
                    {isGivenBack || beside === 0 ? '●' : '■'}
                  </span>
                </Text>{' '}
                {inWords}
              </th>
              <td>{depth(beside)}</td>
              <td>{depth(here)}</td>
              <td>{depth(both)}</td>
              <td>{by === null ? 'nothing does it' : doneByInWords(view, by)}</td>
            </Box>
          ))}
      </tbody>
    </PlainTable>
  );
}

/** Needs that what is beside it changes: alone, as when it is lost, and together. */
function NeedsBeside({ needs }: { readonly needs: readonly NeedBeside[] }) {
  if (needs.length === 0) return null;
  return (
    <Box marginTop="2">
      <PlainTable>
        <thead>
          <tr>
            <th scope="col">Need</th>
            <th scope="col">alone</th>
            <th scope="col">together</th>
          </tr>
        </thead>
        <tbody>
          {needs.map(({ alone, together }) => (
            <Box as="tr" key={alone.need} borderTopWidth="1px">
              <th scope="row">{needNames[alone.need]}</th>
              <StandingCell need={alone} />
              <StandingCell need={together} />
            </Box>
          ))}
        </tbody>
      </PlainTable>
    </Box>
  );
}

function besideIt({ kit, own, units }: KitView): BesideIt | null {
  const others = kitsBeside(kit);
  if (!own.brief || others.length === 0) return null;
  return {
    each: others.map((other) => ({ kit: other, stands: standsInFor(kit, other) })),
    ...underBriefBeside(kit, others, own.brief, units),
  };
}

/** `Gas lighter, made for it, 6,000 lights`. */
function doneByInWords({ kit, units }: KitView, by: DoneBy): string {
  const { name } = kit.gear(by.placement);
  const fitness = by.fitness === 'made-for' ? 'made for it' : by.fitness;
  const amount = by.amount === null ? [] : [amountInWords(by.job, by.amount, units)];
  return [name, fitness, ...amount].join(', ');
}

function depth(losses: number): string {
  return losses === 0 ? 'not at all' : losses > 3 ? 'more than 3' : printNumber(losses, 0);
}
