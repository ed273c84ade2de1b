'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { Assignment } from '@/core/fit/laid-out';
import { gearOf, isOfModule, type Loadout, type Placement } from '@/core/loadout';
import { Button } from '@/ui/fields/button';
import { Panel } from '@/ui/fields/panel';
import { Tick } from '@/ui/fields/tick';
import type { KitView } from '@/ui/kit/kit-view';
import { placeInWords } from '@/ui/kit/place-in-words';
import { perform, sayRefused } from '@/ui/notice/notice';
import { notBeside, type Call } from '@/workers/beside';
import { callAssign } from '@/workers/stow-calls';

interface Proposal {
  /** The kit that it was asked of. */
  readonly of: Loadout;
  /** Null while it is worked out. */
  readonly found: Assignment | null;
  /** Pieces that the person wants to stay where they are. */
  readonly pinned: ReadonlySet<string>;
}

/** Finds places for what lies on the mat or found no room: a proposal first, done as one act. */
export function RestStower({ view }: { readonly view: KitView }) {
  const leftOut = useMemo(() => leftOutOf(view), [view]);
  const [proposal, setProposal] = useState<Proposal | null>(null);
  const call = useRef<Call<Assignment> | null>(null);
  useEffect(() => () => call.current?.cancel(), []);
  const current = proposal?.of === view.own ? proposal : null;
  // A holder on the mat with things in it is packed: where it then stands is its owner's to say.
  const loose = view.own.placements.filter(
    ({ id, place }) => 'on' in place && place.on === 'mat' && view.tree.within(id).length === 0,
  );
  if (loose.length === 0 && leftOut.length === 0) return null;

  const ask = (pinned: ReadonlySet<string>) => {
    call.current?.cancel();
    setProposal({ of: view.own, found: null, pinned });
    const asked = callAssign(view.bench, view.own.id, leftOut, pinned);
    call.current = asked;
    asked.result
      .then((found) => {
        if (call.current === asked) setProposal({ of: view.own, found, pinned });
      })
      .catch(() => {
        if (call.current !== asked) return;
        setProposal(null);
        sayRefused(notBeside);
      });
  };

  if (!current) {
    return (
      <Flex align="center" gap="3" wrap="wrap" marginBottom="3">
        <Button onClick={() => ask(new Set())}>Find places for the rest</Button>
        <Text fontSize="sm" color="fg.muted">
          {restInWords(loose.length, leftOut.length)}
        </Text>
      </Flex>
    );
  }
  return <Proposed view={view} proposal={current} onAsk={ask} onClose={() => setProposal(null)} />;
}

interface ProposedProps {
  readonly view: KitView;
  readonly proposal: Proposal;
  readonly onAsk: (pinned: ReadonlySet<string>) => void;
  readonly onClose: () => void;
}

function Proposed({ view, proposal, onAsk, onClose }: ProposedProps) {
  const { bench, own, tree } = view;
  const { found, pinned } = proposal;
  const nameOf = (id: string) =>
    gearOf(
      bench.shelf,
      own.placements.find((each: Placement) => each.id === id)!,
    ).name;
  const pin = (id: string) => {
    const changed = new Set(pinned);
    if (!changed.delete(id)) changed.add(id);
    onAsk(changed);
  };
  return (
    <Panel
      title="Places for the rest"
      says="Each was packed with what is there already. Untick what is to stay where it is."
      marginBottom="3"
    >
      <Box aria-live="polite">
        {!found && <Text>Packing…</Text>}
        {found && (
          <Flex as="ul" direction="column" gap="1.5" listStyleType="none" align="flex-start">
            {found.moves.map(({ placement, to }) => (
              <li key={placement}>
                <Tick isOn onChange={() => pin(placement)}>
                  {nameOf(placement)} → {placeInWords(bench.shelf, tree, to).replace(/^in /, '')}
                </Tick>
              </li>
            ))}
            {[...pinned].map((placement) => (
              <li key={placement}>
                <Tick isOn={false} onChange={() => pin(placement)}>
                  {nameOf(placement)} stays where it is
                </Tick>
              </li>
            ))}
            {found.homeless.map((placement) => (
              <Text as="li" key={placement}>
                ■ {nameOf(placement)}: no room found in any holder of this kit.
              </Text>
            ))}
          </Flex>
        )}
      </Box>
      <Flex gap="2" marginTop="3">
        <Button
          variant="main"
          disabled={!found || found.moves.length === 0}
          onClick={() =>
            perform(
              { do: 'together', label: 'stow the rest', commands: found!.moves },
              `Stowed ${found!.moves.length} of the rest.`,
            )
          }
        >
          Stow them so
        </Button>
        <Button onClick={onClose}>Not now</Button>
      </Flex>
    </Panel>
  );
}

/** Placements of the kit itself of which some found no room where they are, once that was laid out. */
function leftOutOf({ loads }: KitView): readonly string[] {
  const found = loads.flatMap(({ answer }) =>
    answer.laidOut === null
      ? []
      : answer.reasons.flatMap((reason) => ('item' in reason ? [reason.placement] : [])),
  );
  return [...new Set(found)].filter((placement) => !isOfModule(placement));
}

function restInWords(loose: number, leftOut: number): string {
  const parts = [
    loose > 0 ? `${loose} on the mat` : '',
    leftOut > 0 ? `${leftOut} that found no room` : '',
  ];
  return parts.filter((part) => part !== '').join(', ');
}
