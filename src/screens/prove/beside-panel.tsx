'use client';

import { Box, Text } from '@chakra-ui/react';
import { lastsBeside, standsInFor, type Beside, type BothLast } from '@/core/judge/beside';
import { workedOut, type WorkedOutKit } from '@/core/kit';
import { needNames, type NeedId } from '@/core/needs/need';
import { printNumber } from '@/core/quantity';
import { Panel } from '@/ui/fields/panel';
import type { KitView } from '@/ui/kit/kit-view';
import { useAfterPaint } from '@/ui/kit/use-after-paint';

interface BesideIt {
  readonly each: readonly { readonly kit: WorkedOutKit; readonly stands: Beside }[];
  readonly lasts: BothLast;
}

/** What this kit gives back when one that is beside it is lost, and how long both last together. */
export function BesidePanel({ view }: { readonly view: KitView }) {
  const found = useAfterPaint(view, besideIt);
  if (!found || found.each.length === 0) return null;
  const { each, lasts } = found;
  return (
    <Panel
      title="Beside it"
      says="If what is beside it is lost with all in it, this kit gives back what it does itself."
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
          <Box
            as="table"
            fontSize="sm"
            css={{ '& th, & td': { textAlign: 'left', padding: '4px 14px 4px 0' } }}
          >
            <thead>
              <tr>
                <th scope="col">Losses until it cannot</th>
                <th scope="col">{kit.own.name}</th>
                <th scope="col">{view.own.name}</th>
              </tr>
            </thead>
            <tbody>
              {stands.jobs
                .filter(({ beside, here }) => beside + here > 0)
                .map(({ inWords, beside, here, isGivenBack }) => (
                  <Box as="tr" key={inWords} borderTopWidth="1px">
                    <th scope="row">
                      <Text as="span" color={isGivenBack || beside === 0 ? 'leaf.fg' : 'signal.fg'}>
                        <span
                          role="img"
                          aria-label={isGivenBack || beside === 0 ? 'there' : 'lost'}
                        >
                          {isGivenBack || beside === 0 ? '●' : '■'}
                        </span>
                      </Text>{' '}
                      {inWords}
                    </th>
                    <td>{depth(beside)}</td>
                    <td>{depth(here)}</td>
                  </Box>
                ))}
            </tbody>
          </Box>
        </Box>
      ))}
      <Text fontSize="sm">
        Alone it lasts {lastsInWords(lasts.alone)}; with what is beside it{' '}
        {lastsInWords(lasts.together)}.
      </Text>
    </Panel>
  );
}

function besideIt({ bench, kit, own, units }: KitView): BesideIt | null {
  if (!own.brief || own.brief.beside.length === 0) return null;
  const others = own.brief.beside.flatMap((id) => {
    const other = id === own.id ? undefined : bench.loadouts.get(id);
    return other ? [workedOut(bench, other, kit.day)] : [];
  });
  return {
    each: others.map((other) => ({ kit: other, stands: standsInFor(kit, other) })),
    lasts: lastsBeside(kit, others, own.brief, units),
  };
}

function depth(losses: number): string {
  return losses === 0 ? 'not at all' : losses > 3 ? 'more than 3' : printNumber(losses, 0);
}

function lastsInWords({
  days,
  first,
}: {
  readonly days: number | null;
  readonly first: NeedId | null;
}): string {
  if (days === null || first === null) return 'as long as is not known';
  return `${printNumber(days, 1)} days, ${needNames[first].toLowerCase()} first`;
}
