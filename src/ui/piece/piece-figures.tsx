import { Box } from '@chakra-ui/react';
import { printMass, printMoney, printNumber } from '@/core/quantity';
import { massNowG, printForm, printInside } from '@/core/gear';
import { placeInWords } from '@/ui/kit/place-in-words';
import type { PieceProps } from './piece';

/** What is known of a piece, and how far it can be relied on. */
export function PieceFigures({ view, placement, gear }: PieceProps) {
  const { units, bench, totals, tree } = view;
  const branch = totals.branches.get(placement.id)!;
  const isFilled = tree.within(placement.id).length > 0;
  const massG = massNowG(gear);
  const { contents } = gear;
  const rows: readonly (readonly [string, string | null])[] = [
    ['Mass of one', massG === null ? 'not known' : `${printMass(massG, units)}, ${gear.massTrust}`],
    ['Together', placement.count > 1 ? printMass(branch.massG, units) : null],
    ['With what is in it', isFilled ? printMass(branch.massG, units) : null],
    [
      'Size',
      gear.form === null
        ? 'not known'
        : `${printForm(gear.form, units)}${gear.formTrust === 'typical' ? ', typical' : ''}`,
    ],
    [
      'Left of one',
      contents &&
        `${printNumber(contents.left, 2)} of ${printNumber(contents.full, 2)} ${contents.unit}`,
    ],
    ['In', placeInWords(bench.shelf, tree, placement.place)],
    [
      'Price of one',
      gear.priceMinor === null
        ? null
        : `${printMoney(gear.priceMinor, bench.currency)}${gear.priceTrust === 'typical' ? ', typical' : ''}`,
    ],
    ['Good until', gear.goodUntil],
    ['Kept for', gear.tier === 'main' ? null : `${gear.tier} kits`],
    ...gear.cavities.map(({ name, inside }) => [name, printInside(inside, units)] as const),
  ];
  return (
    <Box as="dl" fontSize="sm">
      {rows.map(([what, figure]) =>
        figure === null ? null : (
          <div key={what} className="ruled-row">
            <dt>{what}</dt>
            <dd>{figure}</dd>
          </div>
        ),
      )}
    </Box>
  );
}
