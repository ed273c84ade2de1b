import { couplings, type Coupling } from '../catalogue/couplings';
import type { Rule } from './finding';

const electric: readonly Coupling[] = [
  'USB-A socket',
  'USB-C socket',
  'USB-C cable',
  '12 V socket',
];

/** A cable or a plug that goes with nothing here. */
export const plugFitsNothing: Rule<{ readonly coupling: Coupling }> = {
  id: 'power/plug',
  severities: ['note'],
  speaksWhen: 'a plug or a cable fits no device',
  mendedBy: 'take a cable or adapter that fits',
  asks: 'what kinds of devices are here',
  because: 'The one cable that fits is at home.',
  find: (_kit, { pieces }) => {
    const known = pieces.flatMap(({ placement, gear: { kind } }) => {
      const own = kind === null ? undefined : couplings.get(kind);
      return own ? [{ id: placement.id, kind: kind!, ...own }] : [];
    });
    return known.flatMap(({ id, kind, has = [], takes = [] }) => {
      const others = known.filter((each) => each.id !== id);
      if (kind === 'charging-cable') {
        const isTaken = others.some((each) => each.takes?.some((one) => has.includes(one)));
        return isTaken ? [] : [noteOf(id, 'USB-C cable')];
      }
      const wanted = takes.find(
        (each) => electric.includes(each) && !others.some((other) => other.has?.includes(each)),
      );
      // What a vehicle has of its own is not in the kit; a bank is filled at home.
      const isFilledAtHome = wanted === '12 V socket' || kind.includes('bank');
      return wanted === undefined || isFilledAtHome ? [] : [noteOf(id, wanted)];
    });
  },
  says: ({ coupling }, { name }, [placement]) =>
    `${name(placement!)}: nothing here goes with its ${coupling}.`,
};

function noteOf(placement: string, coupling: Coupling) {
  return { severity: 'note' as const, about: [placement], figures: { coupling } };
}
