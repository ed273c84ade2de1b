import { useMemo, useState } from 'react';
import { kindOf, type Kind } from '@/core/catalogue';
import type { Gear } from '@/core/gear';
import type { GearRead, Unsure } from '@/core/exchange/gear-read';

interface Picks {
  /** What was read, with what was picked since; what is still unsure first. */
  readonly read: GearRead;
  /** Says which kind an unsure row or line is. */
  readonly pick: (unsure: Unsure, kindId: string) => void;
}

/**
 * The kinds that a person picks for rows or lines of which none was sure. A pick holds for all that say the same, and while the
 * text is mended: it hangs on the words.
 */
export function usePicks(
  read: GearRead,
  asKind: (unsure: Unsure, kind: Kind) => Gear | null,
): Picks {
  const [picked, setPicked] = useState<ReadonlyMap<string, string>>(new Map());
  const settled = useMemo(() => {
    if (picked.size === 0) return read;
    const pickedFor = new Map(
      read.unsure.flatMap((unsure) => {
        const kind = kindOf(picked.get(unsure.text) ?? '');
        return kind ? [[unsure.gear, { unsure, kind }] as const] : [];
      }),
    );
    return {
      ...read,
      gear: read.gear.map((gear) => {
        const pick = pickedFor.get(gear.id);
        return (pick && asKind(pick.unsure, pick.kind)) ?? gear;
      }),
      unsure: read.unsure.filter(({ gear }) => !pickedFor.has(gear)),
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- asKind hangs on what was read
  }, [read, picked]);
  return {
    read: settled,
    pick: (unsure, kindId) => setPicked((before) => new Map(before).set(unsure.text, kindId)),
  };
}
