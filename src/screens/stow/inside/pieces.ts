import type { CavityQuestion, Stowage, Stowed } from '@/core/fit/laid-out';
import { blocksOf, volumeOf } from '@/core/fit/laid-out';
import type { Form, Look } from '@/core/gear';

/** A piece in its place, with what is drawn and said of it. */
export interface PlacedPiece {
  readonly stowed: Stowed;
  readonly name: string;
  readonly look: Look;
  readonly form: Form;
  /** In which order it goes in, from 1. */
  readonly step: number;
}

export function piecesOf(stowage: Stowage, question: CavityQuestion): readonly PlacedPiece[] {
  const items = new Map(question.items.map((item) => [item.id, item]));
  return stowage.placed.flatMap((stowed, at) => {
    const item = items.get(stowed.id);
    return item?.form
      ? [{ stowed, name: item.name, look: item.gear.look, form: item.form, step: at + 1 }]
      : [];
  });
}

/** How a piece lies, where there is something to say: `lying`, `pressed to 80 %`, `inside Nesting mug`. */
export function howItLies({ stowed, form }: PlacedPiece, nameOf: (id: string) => string): string {
  const { within, axis } = stowed;
  if (within?.how === 'inside') return `inside ${nameOf(within.host)}`;
  if (within?.how === 'around') return `wound round ${nameOf(within.host)}`;
  if (form.shape === 'soft') {
    const blocks = blocksOf(stowed);
    const takenMl = blocks.reduce((sum, block) => sum + volumeOf(block), 0) / 1000;
    const share = Math.round((takenMl / form.looseMl) * 100);
    const pressed = share < 100 ? `pressed to ${share} %` : 'as it lies';
    return blocks.length > 1 ? `${pressed}, stuffed into ${blocks.length} gaps` : pressed;
  }
  if (form.shape === 'cylinder') return axis === 'z' ? 'standing' : 'lying';
  const [, , height] = stowed.sizeMm;
  const longest = Math.max(...stowed.sizeMm);
  const shortest = Math.min(...stowed.sizeMm);
  return height === shortest ? 'flat' : height === longest ? 'on end' : 'on its side';
}
