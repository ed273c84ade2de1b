'use client';

import { Flex, Text } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import type { Brief } from '@/core/brief';
import type { WorkedOutKit } from '@/core/kit';
import { needFixes, type NeedFix } from '@/core/kit/need-fixes';
import { newPlacement, type Command } from '@/core/loadout';
import type { Need, NeedId } from '@/core/needs/need';
import { printMass, printMoney, printNumber } from '@/core/quantity';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import type { KitView } from '@/ui/kit/kit-view';
import { perform } from '@/ui/notice/notice';

interface NeedFixesProps {
  readonly view: KitView;
  readonly need: Need;
}

/** What would answer a short need, each a press away: from the shelf first, then typical pieces. */
export function NeedFixes({ view, need }: NeedFixesProps) {
  const { kit, own, bench, units } = view;
  const fixes = useFixes(kit, own.brief, need.need);
  if (need.standing === 'met' || need.standing === 'not known') return null;
  if (fixes === null) return <Text marginTop="2">Looking for what would answer it…</Text>;
  if (fixes.length === 0) {
    return <Text marginTop="2">No single piece of the shelf or the catalogue answers this.</Text>;
  }
  return (
    <Flex
      direction="column"
      gap="2"
      align="flex-start"
      marginTop="3"
      aria-label="What would answer it"
      role="group"
    >
      {fixes.map((fix) => (
        <Button
          key={fix.gear.id}
          size="sm"
          minHeight="11"
          height="auto"
          whiteSpace="normal"
          textAlign="left"
          onClick={() => perform(layingOut(fix), `${nameOf(fix)} laid on the mat.`)}
        >
          <GearIcon look={fix.gear.look} size={22} />
          {fix.isOnShelf ? 'Lay out' : 'Add'} {nameOf(fix)} {figuresOf(fix)}
        </Button>
      ))}
    </Flex>
  );

  function figuresOf({ massG, priceMinor, isOnShelf, daysWon, after }: NeedFix): string {
    return [
      massG === null ? '' : `+${printMass(massG, units)}`,
      isOnShelf || priceMinor === null || bench.currency !== 'EUR'
        ? ''
        : printMoney(priceMinor, bench.currency),
      daysWon === null || daysWon <= 0
        ? ''
        : daysWon === Infinity
          ? 'does not run out then'
          : `+${printNumber(daysWon, 1)} days`,
      after.standing === 'met' ? 'met then' : 'helps, and is not enough',
    ]
      .filter((part) => part !== '')
      .join(', ');
  }

  function layingOut({ gear, count, isOnShelf }: NeedFix): Command {
    const id = isOnShelf ? gear.id : newId();
    const place = {
      do: 'place',
      loadout: own.id,
      placement: newPlacement(newId(), id, { on: 'mat' }, count),
    } as const;
    if (isOnShelf) return place;
    const made = {
      ...gear,
      id,
      count,
      priceMinor: bench.currency === 'EUR' ? gear.priceMinor : null,
    };
    return {
      do: 'together',
      label: `add ${gear.name}`,
      commands: [{ do: 'add gear', gear: [made] }, place],
    };
  }
}

/** What would answer it, looked for once what is on screen stands; null until then. */
function useFixes(kit: WorkedOutKit, brief: Brief | null, need: NeedId): readonly NeedFix[] | null {
  const [found, setFound] = useState<{
    readonly of: WorkedOutKit;
    readonly fixes: readonly NeedFix[];
  } | null>(null);
  useEffect(() => {
    const timer = setTimeout(
      () => setFound({ of: kit, fixes: brief === null ? [] : needFixes(kit, brief, need) }),
      afterPaintMs,
    );
    return () => clearTimeout(timer);
  }, [kit, brief, need]);
  return found?.of === kit ? found.fixes : null;
}

/** Time for what an edit changes to be painted first, in ms. */
const afterPaintMs = 60;

function nameOf({ gear, count }: NeedFix): string {
  return count === 1 ? gear.name : `${count} × ${gear.name}`;
}
