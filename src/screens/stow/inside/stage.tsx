'use client';

import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { ChevronLeft, ChevronRight, Printer } from 'lucide-react';
import { useTheme } from 'next-themes';
import { memo, useMemo, useState, useSyncExternalStore } from 'react';
import type { CavityQuestion, Stowage } from '@/core/fit/laid-out';
import { Button } from '@/ui/fields/button';
import { PillSwitch } from '@/ui/fields/pill-switch';
import type { KitView } from '@/ui/kit/kit-view';
import { roomName } from '../room';
import { LayerDrawing } from './layer-drawing';
import { howItLies, piecesOf, type PlacedPiece } from './pieces';
import type { ViewFrom } from './room-view';
import { later } from '@/ui/late/later';

const RoomView = later(
  () => import('./room-view').then((module) => module.RoomView),
  <Text padding="4">Fetching the picture…</Text>,
);

interface StageProps {
  readonly view: KitView;
  readonly question: CavityQuestion;
  readonly stowage: Stowage | null;
  /** Nothing works it out, so that nothing is on its way. */
  readonly isFailed: boolean;
}

const firstFrom: ViewFrom = { around: 0.6, down: 1.02 };
const quarterTurn = Math.PI / 8;

/** The picture of a cavity, packed piece by piece: in the round, or in layers for paper. */
export const Stage = memo(function Stage(props: StageProps) {
  const { view, question, stowage, isFailed } = props;
  const pieces = useMemo(() => (stowage ? piecesOf(stowage, question) : []), [stowage, question]);
  const canBeRound = useSyncExternalStore(never, hasWebGl, () => true);
  const [shown, setShown] = useState<'round' | 'layers'>('round');
  const [stepWished, setStep] = useState<number | null>(null);
  const [apart, setApart] = useState(0);
  const [from, setFrom] = useState(firstFrom);
  const [selected, setSelected] = useState<string | null>(null);
  const [pointed, setPointed] = useState<string | null>(null);
  const { resolvedTheme } = useTheme();
  const step = Math.min(stepWished ?? pieces.length, pieces.length);
  const isRound = shown === 'round' && canBeRound;
  const turn = (by: Turn) => setFrom((before) => turned(before, by));
  const choose = (id: string) => setSelected(selected === id ? null : id);
  if (!stowage) {
    return (
      <Box bg="panel" borderWidth="1px" borderRadius="16px" padding="6" minHeight="300px">
        <Text role="status">
          {isFailed
            ? 'No picture: nothing was laid out.'
            : `Laying out ${question.items.length} pieces…`}
        </Text>
      </Box>
    );
  }
  return (
    <Box
      bg="panel"
      borderWidth="1px"
      borderRadius="16px"
      padding="3"
      _print={{ borderWidth: '0', padding: '0' }}
    >
      <Box display="none" _print={{ display: 'block' }} marginBottom="3">
        <Text fontWeight="700" fontSize="xl">
          {view.loadout.name}: how to pack {roomName(view, question)}
        </Text>
        <Text fontSize="sm">
          Numbers are the order of putting in; dashed pieces come up from the layer below.
        </Text>
      </Box>
      <Flex className="no-print" justify="space-between" gap="2" wrap="wrap" marginBottom="2">
        <PillSwitch
          label="Picture"
          options={[
            ['round', 'In the round'],
            ['layers', 'In layers'],
          ]}
          value={isRound ? 'round' : 'layers'}
          onChange={setShown}
        />
        <Button
          size="sm"
          onClick={() => {
            setShown('layers');
            setTimeout(() => window.print(), 60);
          }}
        >
          <Printer size={18} aria-hidden /> Print the layers
        </Button>
      </Flex>
      {!canBeRound && shown === 'round' && (
        <Text className="no-print" fontSize="sm" color="fg.muted" marginBottom="2">
          This browser draws nothing in the round (no WebGL), so here it is in layers.
        </Text>
      )}
      {isRound ? (
        <Box
          className="no-print"
          height={{ base: '330px', md: '440px' }}
          borderRadius="12px"
          bg="mat"
          overflow="hidden"
          position="relative"
        >
          <Box
            position="absolute"
            inset="0"
            role="img"
            aria-label={`${roomName(view, question)} with ${step} of ${pieces.length} pieces in it, in the round`}
            data-round
          >
            <RoomView
              container={stowage.container}
              pieces={pieces}
              step={step}
              selected={selected}
              apart={apart}
              from={from}
              isDark={resolvedTheme === 'dark'}
              onSelect={choose}
              onPoint={setPointed}
            />
          </Box>
          <PieceTag piece={pieces.find(({ stowed }) => stowed.id === (pointed ?? selected))} />
          <Box position="absolute" bottom="2" right="2" display={{ base: 'none', md: 'block' }}>
            <Turns onTurn={turn} />
          </Box>
        </Box>
      ) : (
        <LayerDrawing
          container={stowage.container}
          pieces={pieces}
          selected={selected}
          units={view.units}
          onSelect={choose}
        />
      )}
      <Box className="no-print">
        {isRound && (
          <Flex gap="4" wrap="wrap" marginTop="3" align="flex-end">
            <Box display={{ base: 'block', md: 'none' }}>
              <Turns onTurn={turn} />
            </Box>
            <Steps pieces={pieces} step={step} onStep={setStep} />
            <Box as="label" flex="0 1 190px" fontSize="sm" fontWeight="600">
              Draw apart
              <input
                type="range"
                min={0}
                max={1}
                step={0.05}
                value={apart}
                style={slider}
                onChange={(event) => setApart(Number(event.target.value))}
              />
            </Box>
          </Flex>
        )}
        <PackingOrder pieces={pieces} step={step} selected={selected} onSelect={choose} />
      </Box>
    </Box>
  );
});

/** The piece under the pointer, or the one that is chosen, by name and size. */
function PieceTag({ piece }: { readonly piece: PlacedPiece | undefined }) {
  if (!piece) return null;
  return (
    <Text
      position="absolute"
      top="2"
      left="2"
      paddingX="2.5"
      paddingY="1"
      borderRadius="8px"
      bg="bark"
      color="onbark"
      fontSize="sm"
      fontWeight="600"
      pointerEvents="none"
      aria-live="polite"
    >
      {piece.step} {piece.name}
    </Text>
  );
}

const slider = { width: '100%', height: '44px', accentColor: 'var(--acorn-colors-leaf-solid)' };

type Turn = 'left' | 'right' | 'up' | 'down';

const turnSigns: readonly (readonly [Turn, string])[] = [
  ['left', '⟲'],
  ['right', '⟳'],
  ['up', '↑'],
  ['down', '↓'],
];

/** What the mouse does by dragging, for keys and thumbs. */
function Turns({ onTurn }: { readonly onTurn: (turn: Turn) => void }) {
  return (
    <Flex gap="1" role="group" aria-label="Look from">
      {turnSigns.map(([turn, sign]) => (
        <Button
          key={turn}
          size="icon"
          fontSize="lg"
          aria-label={turn === 'up' || turn === 'down' ? `From further ${turn}` : `Turn ${turn}`}
          onClick={() => onTurn(turn)}
        >
          <span aria-hidden>{sign}</span>
        </Button>
      ))}
    </Flex>
  );
}

function turned({ around, down }: ViewFrom, turn: Turn): ViewFrom {
  switch (turn) {
    case 'left':
      return { around: around - quarterTurn, down };
    case 'right':
      return { around: around + quarterTurn, down };
    case 'up':
      return { around, down: Math.max(0.05, down - 0.3) };
    case 'down':
      return { around, down: Math.min(1.6, down + 0.3) };
  }
}

interface StepsProps {
  readonly pieces: readonly PlacedPiece[];
  readonly step: number;
  readonly onStep: (step: number) => void;
}

/** Packs and unpacks, a piece at a time. */
function Steps({ pieces, step, onStep }: StepsProps) {
  const last = pieces[step - 1];
  return (
    <Box flex="1 1 300px" minWidth="0">
      <chakra.label fontSize="sm" fontWeight="600" htmlFor="packing-step">
        Packed: {step} of {pieces.length}
        <Text as="span" fontWeight="400" color="fg.muted">
          {last ? ` · last in: ${last.name}` : ' · empty'}
        </Text>
      </chakra.label>
      <Flex gap="1" align="center">
        <Button
          size="icon"
          aria-label="One piece back"
          onClick={() => onStep(Math.max(0, step - 1))}
        >
          <ChevronLeft size={20} aria-hidden />
        </Button>
        <input
          id="packing-step"
          type="range"
          min={0}
          max={pieces.length}
          value={step}
          style={slider}
          onChange={(event) => onStep(Number(event.target.value))}
        />
        <Button
          size="icon"
          aria-label="One piece on"
          onClick={() => onStep(Math.min(pieces.length, step + 1))}
        >
          <ChevronRight size={20} aria-hidden />
        </Button>
      </Flex>
    </Box>
  );
}

interface PackingOrderProps {
  readonly pieces: readonly PlacedPiece[];
  readonly step: number;
  readonly selected: string | null;
  readonly onSelect: (id: string) => void;
}

/** The pieces in the order of putting in, each a press away in the picture. */
function PackingOrder({ pieces, step, selected, onSelect }: PackingOrderProps) {
  const nameOf = (id: string) => pieces.find(({ stowed }) => stowed.id === id)?.name ?? 'another';
  return (
    <Box as="section" aria-label="Order of packing" marginTop="3">
      <Text fontWeight="700" fontSize="sm" marginBottom="1">
        Order of packing
      </Text>
      <Flex as="ol" wrap="wrap" gap="1.5" listStyleType="none" maxHeight="260px" overflowY="auto">
        {pieces.map((piece) => {
          const isSelected = selected === piece.stowed.id;
          return (
            <li key={piece.stowed.id}>
              <Button
                size="sm"
                fontWeight="400"
                aria-pressed={isSelected}
                bg={isSelected ? 'leaf.soft' : 'tag'}
                opacity={piece.step > step ? 0.6 : 1}
                whiteSpace="normal"
                textAlign="left"
                onClick={() => onSelect(piece.stowed.id)}
              >
                <Box
                  as="span"
                  width="11px"
                  height="11px"
                  borderRadius="3px"
                  flexShrink="0"
                  borderWidth="1px"
                  borderColor="fg"
                  style={{ background: piece.look.colour }}
                  aria-hidden
                />
                <span>
                  <b>{piece.step}</b> {piece.name}
                  <Text as="span" color="fg.muted" fontSize="xs">
                    {' '}
                    {howItLies(piece, nameOf)}
                  </Text>
                </span>
              </Button>
            </li>
          );
        })}
      </Flex>
    </Box>
  );
}

function never(): () => void {
  return () => {};
}

let webGl: boolean | null = null;

function hasWebGl(): boolean {
  webGl ??= document.createElement('canvas').getContext('webgl2') !== null;
  return webGl;
}
