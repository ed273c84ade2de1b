import { wrongWith } from '@/core/fit/laid-out';
import { cavityQuestion } from '@/core/fit/laid-out';
import { withModules, type Bench, type Loadout } from '@/core/loadout';
import { packKit, type PackedFrom, type Packing } from '@/core/pack';
import { applied } from './benches';

export interface Packed {
  readonly packing: Packing;
  /** The bench with the packing done to it. */
  readonly after: Bench;
  /** The kit as it is then. */
  readonly kit: Loadout;
}

/** A kit packed to the end. */
export function packed(
  bench: Bench,
  kitId: string,
  from: PackedFrom = 'nothing',
  seed = 1,
): Packed {
  let packing: Packing | null = null;
  for (const progress of packKit(bench, kitId, { from, seed, today: '2026-10-01' })) {
    ({ packing } = progress);
  }
  const after = done(bench, kitId, packing!);
  return { packing: packing!, after, kit: after.loadouts.get(kitId)! };
}

/** The bench with a packing done to it: what stays out lies on the mat where it was packed from nothing. */
export function done(bench: Bench, kitId: string, packing: Packing): Bench {
  return applied(bench, { do: 'arrange', loadout: kitId, places: packing.places });
}

/** All that is wrong with the rooms of a packing, by the verifier, asked of the kit as it then is. */
export function wrongWithRooms({ packing, after, kit }: Packed): readonly string[] {
  const whole = withModules(after, kit);
  return packing.rooms.flatMap(({ in: holder, cavity, stowage }) => {
    const question = cavityQuestion(whole, after.shelf, holder, cavity)!;
    const wrong = wrongWith(question.loads, stowage);
    return stowage.fits ? wrong : [`${holder} ${cavity} is over-full.`, ...wrong];
  });
}
