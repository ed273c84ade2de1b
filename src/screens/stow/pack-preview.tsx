'use client';

import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { memo, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import type { LaidOut } from '@/core/fit';
import { keyOf, laidOutBy } from '@/core/fit/laid-out';
import {
  arrange,
  gearOf,
  grounds,
  placementOf,
  samePlace,
  type Bench,
  type Loadout,
} from '@/core/loadout';
import type { LeftPiece, Packing } from '@/core/pack';
import { changeInWords, leftInWords } from '@/core/pack/in-words';
import { Button } from '@/ui/fields/button';
import { Folded } from '@/ui/fields/folded';
import { Panel } from '@/ui/fields/panel';
import { useViewOn, type KitView } from '@/ui/kit/kit-view';
import { beginPacking, dropPacking, stopPacking, type PackingNow } from '@/ui/kit/packing';
import { startEditing } from '@/ui/kit/selection';
import { takeOver } from '@/ui/kit/stowings';
import { perform } from '@/ui/notice/notice';
import { quickAddId } from '@/ui/shell/shortcuts';
import { notBeside } from '@/workers/beside';
import { GroundSection } from './ground-section';
import { WhereItGoes } from './where-it-goes';

interface PackPreviewProps {
  readonly view: KitView;
  readonly now: PackingNow;
}

/** A kit as it would lie once it is packed: looked at first, done as one act. */
export function PackPreview({ view, now }: PackPreviewProps) {
  const { packing, of, state } = now;
  // It stays open while all is packed once more.
  const [isListOpen, setListOpen] = useState(false);
  const heading = useRef<HTMLDivElement>(null);
  useEffect(() => heading.current?.focus(), []);
  // The picture comes after what is pressed or typed meanwhile.
  const shown = useDeferredValue(packing);
  const bench = useMemo(() => packedBench(view.bench, of, shown), [view.bench, of, shown]);
  const laidOut = useMemo(() => laidOutAs(shown), [shown]);
  const preview = useViewOn(bench, of.id, laidOut);
  const changed = packing ? movesIn(packing, view) : 0;
  const isWorking = state === 'packing' || state === 'looking';

  function pack(): void {
    const said = `${changed} ${changed === 1 ? 'piece' : 'pieces'} packed.`;
    // What was laid out for it need not be laid out once more.
    takeOver(packing!.rooms);
    dropPacking();
    perform({ do: 'arrange', loadout: of.id, places: packing!.places }, said);
  }

  return (
    <>
      <Panel
        title={now.from === 'nothing' ? 'Packed anew' : 'Packed with what lies about'}
        says="As it would lie, each room laid out. Nothing is changed before you say so."
        marginBottom="4"
        ref={heading}
        tabIndex={-1}
        borderWidth="2px"
        borderColor="leaf.vivid"
      >
        <Box role="status">
          {state === 'failed' && <Text>■ {notBeside}</Text>}
          {state !== 'failed' && !packing && (
            <Text>
              {state === 'stopped'
                ? 'Stopped before there was an answer; your kit is as it was.'
                : `Packing… ${now.steps} arrangements tried`}
            </Text>
          )}
          {packing && preview && <Summary view={view} packing={packing} preview={preview} />}
          {packing && <StillBeside view={view} packing={packing} />}
          {packing && isWorking && (
            <Text fontSize="sm" color="fg.muted">
              {state === 'packing'
                ? `Looking for better: ${now.steps} arrangements tried`
                : packing.left.length > 0
                  ? 'Looking for the smallest change that brings more in'
                  : ''}
            </Text>
          )}
        </Box>
        <Flex gap="2" marginTop="3" wrap="wrap">
          {packing && (
            <Button variant="main" disabled={changed === 0} onClick={pack}>
              Pack it so
            </Button>
          )}
          {isWorking && <Button onClick={stopPacking}>Stop</Button>}
          {(state === 'failed' || (state === 'stopped' && !packing)) && (
            <Button onClick={() => void beginPacking(of.id, now.from)}>Try again</Button>
          )}
          <Button onClick={dropPacking}>{packing ? 'Not now' : 'Leave it'}</Button>
        </Flex>
        {packing && packing.left.length > 0 && <StaysOut view={view} now={now} packing={packing} />}
      </Panel>
      {shown && preview && (
        <>
          <Folded
            isOpen={isListOpen}
            onToggle={setListOpen}
            title={`Where everything goes, and why: ${shown.moves.length} pieces`}
          >
            <WhereItGoes view={view} packing={shown} from={now.from} />
          </Folded>
          <Picture preview={preview} />
        </>
      )}
    </>
  );
}

/** All of it as it would lie. It is drawn again for another packing alone, not for each step on the way. */
const Picture = memo(function Picture({ preview }: { readonly preview: KitView }) {
  return (
    <Flex
      direction="column"
      gap="4"
      role="group"
      aria-label="As it would lie"
      data-preview
      marginTop="2"
    >
      {grounds
        .filter((ground) => preview.tree.on(ground).length > 0)
        .map((ground) => (
          <GroundSection key={ground} view={preview} ground={ground} />
        ))}
    </Flex>
  );
});

/** The bench with the kit as it would be; as it is where there is nothing yet, or it does not go. */
function packedBench(bench: Bench, of: Loadout, packing: Packing | null): Bench {
  const packed = packing && arrange(of, bench.shelf, packing.places);
  return packed?.ok
    ? { ...bench, loadouts: new Map(bench.loadouts).set(of.id, packed.value) }
    : bench;
}

/** By how the rooms of a packing were laid out. */
function laidOutAs(packing: Packing | null): LaidOut {
  const stowages = new Map(packing?.rooms.map(({ key, stowage }) => [key, stowage]));
  return laidOutBy((question) => stowages.get(keyOf(question)) ?? null);
}

/** How many pieces would lie elsewhere than they do. */
function movesIn({ places }: Packing, { own }: KitView): number {
  return places.filter(({ placement, to }) => !samePlace(placementOf(own, placement)!.place, to))
    .length;
}

interface SummaryProps {
  readonly view: KitView;
  readonly preview: KitView;
  readonly packing: Packing;
}

function Summary({ view, preview, packing }: SummaryProps) {
  const changed = movesIn(packing, view);
  const out = packing.left.length;
  const rooms = packing.rooms.length;
  const before = view.findings.length;
  const after = preview.findings.length;
  return (
    <Text fontSize="lg" fontWeight="600">
      {changed === 0 ? 'Nothing would lie otherwise' : `${countOf(changed, 'piece')} would move`}
      {`; ${countOf(rooms, 'room')} laid out; `}
      {out === 0 ? 'all is in' : `▲ ${out} ${out === 1 ? 'stays' : 'stay'} out`}
      {view.isJudged && before !== after && `; findings ${before} → ${after}`}
      {'.'}
    </Text>
  );
}

/** What lies beside its backup all the same, as no other room takes it. */
function StillBeside({ view, packing }: Pick<SummaryProps, 'view' | 'packing'>) {
  if (packing.beside.length === 0) return null;
  const { bench, own } = view;
  const names = packing.beside.map((id) => gearOf(bench.shelf, placementOf(own, id)!).name);
  return (
    <Text fontSize="sm" color="amber.fg">
      ▲ Beside what backs it up, as no other room takes it: {names.join(', ')}.
    </Text>
  );
}

function countOf(count: number, what: string): string {
  return `${count} ${what}${count === 1 ? '' : 's'}`;
}

interface StaysOutProps {
  readonly view: KitView;
  readonly now: PackingNow;
  readonly packing: Packing;
}

/** What stays out, why, and the one step that would help. */
function StaysOut({ view, now, packing }: StaysOutProps) {
  const { bench, own, units } = view;
  const { change } = now;
  function makeChange(): void {
    const { command } = change!;
    if (command === null) void beginPacking(own.id, 'nothing');
    else if (perform(command)) void beginPacking(own.id, now.from);
  }
  return (
    <Box marginTop="4">
      <Heading as="h3" fontSize="md">
        What stays out
      </Heading>
      <Flex as="ul" direction="column" gap="1.5" listStyleType="none" marginTop="1">
        {packing.left.map((left) => (
          <Flex as="li" key={left.placement} align="center" gap="2" wrap="wrap">
            <Text>
              <b>{gearOf(bench.shelf, placementOf(own, left.placement)!).name}</b>:{' '}
              {leftInWords(left.why, own, bench, units)}.
            </Text>
            <Step view={view} left={left} />
          </Flex>
        ))}
      </Flex>
      {change && (
        <Flex align="center" gap="3" wrap="wrap" marginTop="2">
          <Button onClick={makeChange}>{doInWords[change.change.change]}</Button>
          <Text fontSize="sm">{changeInWords(change, bench)}</Text>
        </Flex>
      )}
    </Box>
  );
}

const doInWords = {
  anew: 'Pack all of it anew',
  'lay down': 'Lay it down, pack again',
  take: 'Take it along, pack again',
  get: 'Put it on the list to get, pack again',
} as const;

/** The next step for one piece, where it is that piece’s own. */
function Step({ view, left }: { readonly view: KitView; readonly left: LeftPiece }) {
  const { own } = view;
  if (left.why.left === 'no size') {
    const { gear } = placementOf(own, left.placement)!;
    return <Button onClick={() => startEditing(gear)}>Give it a size</Button>;
  }
  if (left.why.left === 'no holder') {
    return (
      <Button onClick={() => document.getElementById(quickAddId)?.focus()}>Type a holder</Button>
    );
  }
  return null;
}
