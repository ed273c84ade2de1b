'use client';

import { Box, Text } from '@chakra-ui/react';
import type { NeedsKit } from '@/core/needs';
import { pitchesOf, sleeperWideM, type Pitch } from '@/core/needs/pitch';
import { printNumber } from '@/core/quantity';

/** A metre is so many units of the drawing. */
const perM = 46;
const edge = 16;

/** The floor under the cover that keeps most dry, seen from above, with who lies on it; and who does not fit. */
export function PitchPlan({ kit }: { readonly kit: NeedsKit }) {
  const [pitch] = pitchesOf(kit);
  if (!pitch || pitch.sleepers === 0) return null;
  const people = kit.people.length;
  return (
    <Box marginTop="3">
      <Text fontWeight="600">
        {pitch.given.gear.name}, {pitch.as}
        {pitch.heightM > 0 && `, ${printNumber(pitch.heightM, 1)} m high`}
      </Text>
      <Plan pitch={pitch} people={people} kit={kit} />
    </Box>
  );
}

interface PlanProps {
  readonly pitch: Pitch;
  readonly people: number;
  readonly kit: NeedsKit;
}

function Plan({ pitch, people, kit }: PlanProps) {
  const [along, across] = pitch.floorM;
  const [wide, high] = [along * perM, across * perM];
  const lying = kit.people.slice(0, Math.min(people, pitch.sleepers));
  const each = sleeperWideM * perM;
  const top = (high - lying.length * each) / 2;
  return (
    <svg
      viewBox={`0 0 ${wide + 2 * edge + 40} ${high + 2 * edge + 8}`}
      width={wide + 2 * edge + 40}
      style={{ maxWidth: '100%' }}
      role="img"
      aria-label={`A dry floor of ${printNumber(along, 1)} by ${printNumber(across, 1)} m with ${lying.length} lying on it, room for ${pitch.sleepers}`}
    >
      <g transform={`translate(${edge} ${edge})`} stroke="currentColor" fill="none">
        <rect width={wide} height={high} strokeWidth="1.5" fill="var(--acorn-colors-tag)" />
        {pitch.as === 'over a ridge' && (
          <path d={`M-8 ${high / 2}H${wide + 8}`} strokeDasharray="7 4" strokeWidth="1.5" />
        )}
        {pitch.as === 'leaning' && <path d={`M-8 0H${wide + 8}`} strokeWidth="3" />}
        {lying.map(({ heightCm, name }, at) => (
          <g
            key={name}
            transform={`translate(${(wide - (heightCm / 100) * perM) / 2} ${top + at * each})`}
          >
            <rect
              y={each * 0.08}
              width={(heightCm / 100) * perM}
              height={each * 0.84}
              rx={each * 0.4}
              fill="var(--acorn-colors-leaf-soft)"
            />
            <text x={each * 0.5} y={each * 0.62} fontSize="11" fill="currentColor" stroke="none">
              {name}
            </text>
          </g>
        ))}
        <text
          x={wide / 2}
          y={high + 14}
          fontSize="11"
          textAnchor="middle"
          fill="currentColor"
          stroke="none"
        >
          {printNumber(along, 1)} m
        </text>
        <text x={wide + 12} y={high / 2 + 14} fontSize="11" fill="currentColor" stroke="none">
          {printNumber(across, 1)} m
        </text>
      </g>
    </svg>
  );
}
