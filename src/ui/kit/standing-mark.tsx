import { Car, CircleDashed, House, PersonStanding, type LucideIcon } from 'lucide-react';
import type { Look } from '@/core/gear';
import { gearOf, groundUnder, holdersAround, type Ground, type Placement } from '@/core/loadout';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import type { KitView } from './kit-view';
import { groundInWords } from './place-in-words';

/** What a piece is lost with: the outermost holder around it, or the ground it is straight on. */
export type Standing =
  | { readonly with: 'holder'; readonly id: string; readonly name: string; readonly look: Look }
  | { readonly with: 'ground'; readonly id: Ground; readonly name: string };

export function standingOf({ bench, tree }: KitView, placement: Placement): Standing {
  const outermost = holdersAround(tree, placement).at(-1);
  const ground = groundUnder(tree, placement);
  if (!outermost) return { with: 'ground', id: ground, name: groundInWords(ground) };
  const { name, look } = gearOf(bench.shelf, outermost);
  return { with: 'holder', id: outermost.id, name, look };
}

/** Everything that the kit’s pieces stand with, each once, in the order of the kit. */
export function standingsOf(view: KitView): readonly Standing[] {
  const found = new Map<string, Standing>();
  for (const placement of view.loadout.placements) {
    const standing = standingOf(view, placement);
    found.set(`${standing.with} ${standing.id}`, standing);
  }
  return [...found.values()];
}

const signs: Readonly<Record<Ground, LucideIcon>> = {
  body: PersonStanding,
  vehicle: Car,
  house: House,
  mat: CircleDashed,
};

interface StandingMarkProps {
  /** A holder’s look, or a ground. */
  readonly sign: Look | Ground;
  readonly size?: number;
}

/** The holder in small, or the sign of a ground. Its name stands beside it or in the title. */
export function StandingMark({ sign, size = 14 }: StandingMarkProps) {
  if (typeof sign !== 'string') return <GearIcon look={sign} size={size} />;
  const Sign = signs[sign];
  return (
    <span
      style={{
        display: 'inline-grid',
        color: `var(--acorn-colors-${sign === 'mat' ? 'signal-fg' : 'fg-muted'})`,
      }}
    >
      <Sign size={size} aria-hidden />
    </span>
  );
}
