'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { Fragment } from 'react';
import {
  blocksOf,
  hullOf,
  isCut,
  layersOf,
  middleOf,
  type Container,
  type Layer,
  type Solid,
} from '@/core/fit/laid-out';
import { printLength, type UnitSystem } from '@/core/quantity';
import type { PlacedPiece } from './pieces';

interface LayersProps {
  readonly container: Container;
  readonly pieces: readonly PlacedPiece[];
  readonly selected: string | null;
  readonly units: UnitSystem;
  readonly onSelect: (id: string) => void;
}

/** The load cut level into the fewest layers that show every piece, from the floor up, numbered in packing order. */
export function LayerDrawing(props: LayersProps) {
  const layers = layersOf(props.pieces.map(({ stowed }) => stowed));
  return (
    <Flex as="ol" wrap="wrap" gap="4" listStyleType="none" data-layers>
      {layers.map((layer, at) => (
        <OneLayer key={at} {...props} layer={layer} number={at + 1} of={layers.length} />
      ))}
    </Flex>
  );
}

interface OneLayerProps extends LayersProps {
  readonly layer: Layer;
  readonly number: number;
  readonly of: number;
}

function OneLayer({
  container,
  pieces,
  units,
  layer,
  number,
  of,
  selected,
  onSelect,
}: OneLayerProps) {
  const [length, width] = hullOf(container);
  const longest = Math.max(length, width);
  const margin = longest * 0.02;
  const type = longest / 22;
  const shown = layer.pieces.map(({ at, isFromBelow }) => ({ piece: pieces[at]!, isFromBelow }));
  const fresh = shown.filter(({ isFromBelow }) => !isFromBelow);
  return (
    <Box as="li" flex="1 1 260px" maxWidth="420px" _print={{ breakInside: 'avoid' }}>
      <Text fontWeight="700" fontSize="sm">
        Layer {number} of {of}
        <Text as="span" fontWeight="400" color="fg.muted">
          {' '}
          · cut {printLength(layer.cutMm, units)} above the floor
        </Text>
      </Text>
      <svg
        viewBox={`${-margin} ${-margin} ${length + 2 * margin} ${width + 2 * margin}`}
        style={{ width: '100%', maxHeight: '300px', display: 'block' }}
        role="img"
        aria-label={`Layer ${number}: ${fresh.map(({ piece }) => `${piece.step} ${piece.name}`).join(', ')}`}
      >
        {container.shape === 'cylinder' ? (
          <circle
            cx={length / 2}
            cy={width / 2}
            r={length / 2}
            {...wall}
            strokeWidth={margin / 2}
          />
        ) : (
          <rect width={length} height={width} {...wall} strokeWidth={margin / 2} />
        )}
        {shown.map(({ piece, isFromBelow }) => (
          <g
            key={piece.stowed.id}
            onClick={() => onSelect(piece.stowed.id)}
            style={{ cursor: 'pointer' }}
          >
            {blocksOf(piece.stowed)
              .filter((block) => isCut(block, layer.cutMm))
              .map((block, at) => (
                <Fragment key={at}>
                  <Cut
                    piece={piece}
                    block={block}
                    cutMm={layer.cutMm}
                    width={width}
                    isFromBelow={isFromBelow}
                    isSelected={selected === piece.stowed.id}
                    line={longest / 260}
                  />
                  <text
                    x={middleOf(block, 0)}
                    y={width - middleOf(block, 1)}
                    fontSize={Math.min(type, Math.min(block.sizeMm[0], block.sizeMm[1]) * 0.8)}
                    textAnchor="middle"
                    dominantBaseline="central"
                    fill="var(--acorn-colors-fg)"
                    fontWeight="700"
                  >
                    {piece.step}
                  </text>
                </Fragment>
              ))}
          </g>
        ))}
      </svg>
      <Text fontSize="xs" color="fg.muted" marginTop="1">
        {inRuns(fresh.map(({ piece }) => piece)).join(' · ')}
      </Text>
    </Box>
  );
}

/** Pieces of one name that follow each other are told together: `1 to 8 Tarp peg`. */
function inRuns(pieces: readonly PlacedPiece[]): readonly string[] {
  const runs: { name: string; from: number; to: number }[] = [];
  for (const { step, name } of pieces) {
    const last = runs.at(-1);
    if (last && last.name === name && last.to === step - 1) last.to = step;
    else runs.push({ name, from: step, to: step });
  }
  return runs.map(({ name, from, to }) =>
    from === to ? `${from} ${name}` : `${from} to ${to} ${name}`,
  );
}

const wall = { fill: 'var(--acorn-colors-panel)', stroke: 'var(--acorn-colors-fg)' };

interface CutProps {
  readonly piece: PlacedPiece;
  readonly block: Solid;
  readonly cutMm: number;
  /** Of the container: the picture's y goes down, its back is on top. */
  readonly width: number;
  readonly isFromBelow: boolean;
  readonly isSelected: boolean;
  readonly line: number;
}

/** A piece's outline at the height of the cut: what lies is as wide there as its chord. */
function Cut({ piece, block, cutMm, width, isFromBelow, isSelected, line }: CutProps) {
  const { look, form } = piece;
  const { axis } = block;
  let [x, y] = block.atMm;
  let [dx, dy] = block.sizeMm;
  const paint = {
    fill: `color-mix(in srgb, ${look.colour} ${isFromBelow ? 14 : 38}%, var(--acorn-colors-panel))`,
    stroke: isSelected
      ? 'var(--acorn-colors-leaf-vivid)'
      : `color-mix(in srgb, ${look.colour} 60%, var(--acorn-colors-fg))`,
    strokeWidth: isSelected ? line * 3 : line,
    strokeDasharray: isFromBelow ? `${line * 4} ${line * 3}` : undefined,
  };
  if (axis === 'z') {
    return (
      <circle
        cx={middleOf(block, 0)}
        cy={width - middleOf(block, 1)}
        r={dx / 2 - line}
        {...paint}
      />
    );
  }
  if (axis !== null) {
    const radius = block.sizeMm[2] / 2;
    const half = Math.sqrt(Math.max(0, radius ** 2 - (cutMm - middleOf(block, 2)) ** 2));
    if (axis === 'x') {
      y = middleOf(block, 1) - half;
      dy = half * 2;
    } else {
      x = middleOf(block, 0) - half;
      dx = half * 2;
    }
  }
  return (
    <rect
      x={x + line}
      y={width - y - dy + line}
      width={Math.max(0, dx - line * 2)}
      height={Math.max(0, dy - line * 2)}
      rx={form.shape === 'soft' ? Math.min(dx, dy) * 0.2 : 0}
      {...paint}
    />
  );
}
