import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { parseLength, parseMass, printNumber, type UnitSystem } from '@/core/quantity';
import {
  kitchenStepG,
  leftCommand,
  measuredLeft,
  waysToMeasure,
  type LeftBy,
  type LeftReading,
} from '@/core/upkeep';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { Choice } from '@/ui/fields/choice';
import { Folded } from '@/ui/fields/folded';
import { LabelledInput } from '@/ui/fields/labelled-input';
import { perform, say, sayRefused } from '@/ui/notice/notice';
import type { PieceProps } from './piece';

const byInWords: Readonly<Record<LeftBy, string>> = {
  scale: 'on the scale',
  roll: 'across the roll',
  turns: 'by its turns',
  height: 'by its height',
};

/** How thick tapes and cords usually are, in mm. */
const thicknesses = [
  ['0.28', 'cloth tape, 0.28 mm'],
  ['0.15', 'plastic tape, 0.15 mm'],
  ['0.05', 'packing tape, 0.05 mm'],
  ['2', 'thin cord, 2 mm'],
  ['4', 'cord, 4 mm'],
  ['own', 'as I measured it'],
] as const;

type Field =
  'mass' | 'outer' | 'core' | 'turns' | 'beside' | 'width' | 'depth' | 'own' | 'height' | 'full';

const fieldsBy: Readonly<Record<LeftBy, readonly (readonly [Field, string])[]>> = {
  scale: [['mass', 'All of it, as it is now']],
  roll: [
    ['outer', 'Across the whole roll'],
    ['core', 'Across its core'],
  ],
  turns: [
    ['turns', 'How many turns'],
    ['beside', 'Side by side in a layer'],
    ['width', 'Wound round: width'],
    ['depth', 'and thickness'],
  ],
  height: [
    ['height', 'It stands as high as'],
    ['full', 'A full one stands'],
  ],
};

/** What is left of a piece that is used up bit by bit, by what can be read off it. */
export function MeasureLeft({ view, placement, gear }: PieceProps) {
  const ways = waysToMeasure(gear);
  const [by, setBy] = useState<LeftBy>(ways[0] ?? 'height');
  const [typed, setTyped] = useState<Readonly<Partial<Record<Field, string>>>>({ beside: '1' });
  const [thick, setThick] = useState<string>(by === 'turns' ? '4' : '0.28');
  if (ways.length === 0 || gear.contents === null) return null;
  const { unit, full } = gear.contents;
  const reading = readingOf(by, typed, thick, view.units);
  const found = reading && measuredLeft(gear, reading);

  function write(left: number): void {
    const from = { loadout: view.loadout.id, placement: placement.id, placements: [newId()] };
    const command = leftCommand(gear, left, newId(), from, view.kit.day);
    if (!command.ok) return sayRefused(command.problem.message);
    if (command.value === null) return say('That is what is written down already.');
    perform(command.value, `${printNumber(left, 2)} ${unit} of ${gear.name} are left.`);
  }

  function fieldOf([field, label]: readonly [Field, string]) {
    return (
      <LabelledInput
        key={field}
        flex="1 1 110px"
        label={label}
        inputMode="decimal"
        placeholder={placeholderOf(field, view.units)}
        value={typed[field] ?? ''}
        onChange={(event) => setTyped({ ...typed, [field]: event.target.value })}
      />
    );
  }

  return (
    <Folded isFilledLate title="Measure what is left">
      <Flex direction="column" gap="2">
        {ways.length > 1 && (
          <Choice
            label="How"
            value={by}
            options={ways.map((way) => [way, byInWords[way]] as const)}
            onChange={(next) => {
              setBy(next);
              setThick(next === 'turns' ? '4' : '0.28');
            }}
          />
        )}
        <Flex gap="2" wrap="wrap" align="flex-end">
          {fieldsBy[by].map(fieldOf)}
        </Flex>
        {(by === 'roll' || by === 'turns') && (
          <Choice label="How thick it is" value={thick} options={thicknesses} onChange={setThick} />
        )}
        {(by === 'roll' || by === 'turns') && thick === 'own' && fieldOf(['own', 'One thickness'])}
        {found && (
          <Box role="status">
            {found.ok ? (
              <>
                <Text>
                  <b>
                    {printNumber(found.value.left, 2)} {unit}
                  </b>{' '}
                  ± {printNumber(found.value.plusMinus, found.value.plusMinus < 1 ? 2 : 1)} of{' '}
                  {printNumber(full, 2)} are left.
                  {found.value.plusMinus > full / 4 &&
                    ' That is little to go by: weigh a full one, or say what it holds.'}
                </Text>
                <Button marginTop="2" onClick={() => write(found.value.left)}>
                  Write it down
                </Button>
              </>
            ) : (
              <Text color="signal.fg">▲ {found.problem.message}</Text>
            )}
          </Box>
        )}
      </Flex>
    </Folded>
  );
}

/** Figures as typed; null while some are missing or are none. */
function readingOf(
  by: LeftBy,
  typed: Readonly<Partial<Record<Field, string>>>,
  thick: string,
  units: UnitSystem,
): LeftReading | null {
  const mm = (field: Field) => {
    const read = parseLength((typed[field] ?? '').trim(), units === 'us' ? 'in' : 'mm');
    return read.ok ? read.value : NaN;
  };
  const count = (field: Field) => {
    const text = (typed[field] ?? '').trim();
    return /^\d{1,5}$/.test(text) ? Number(text) : NaN;
  };
  const thickMm = thick === 'own' ? mm('own') : Number(thick);
  const mass = parseMass((typed.mass ?? '').trim(), units === 'us' ? 'oz' : 'g');
  const reading: LeftReading =
    by === 'scale'
      ? { by, massG: mass.ok ? mass.value : NaN, stepG: kitchenStepG }
      : by === 'roll'
        ? { by, outerMm: mm('outer'), coreMm: mm('core'), thickMm }
        : by === 'height'
          ? { by, heightMm: mm('height'), fullMm: mm('full') }
          : {
              by,
              turns: count('turns'),
              beside: count('beside'),
              widthMm: mm('width'),
              depthMm: mm('depth'),
              thickMm,
            };
  return Object.values(reading).includes(NaN) ? null : reading;
}

function placeholderOf(field: Field, units: UnitSystem): string {
  if (field === 'turns' || field === 'beside') return '12';
  if (field === 'mass') return units === 'us' ? '5.2 oz' : '148 g';
  return units === 'us' ? '1.5 in' : '40 mm';
}
