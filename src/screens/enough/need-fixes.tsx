'use client';

import { Flex, Text } from '@chakra-ui/react';
import { useCallback } from 'react';
import { fixName, layingOutFix, needFixes } from '@/core/kit/need-fixes';
import type { Need } from '@/core/needs/need';
import { Button } from '@/ui/fields/button';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import { newId } from '@/store/new-id';
import { fixFigures } from '@/ui/kit/fix-in-words';
import type { KitView } from '@/ui/kit/kit-view';
import { perform } from '@/ui/notice/notice';
import { useAfterPaint } from '@/ui/kit/use-after-paint';

interface NeedFixesProps {
  readonly view: KitView;
  readonly need: Need;
}

/** What would answer a short need, each a press away: from the shelf first, then typical pieces. */
export function NeedFixes({ view, need }: NeedFixesProps) {
  const id = need.need;
  const look = useCallback(
    (of: KitView) => (of.own.brief === null ? [] : needFixes(of.kit, of.own.brief, id)),
    [id],
  );
  const fixes = useAfterPaint(view, look);
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
          height="auto"
          whiteSpace="normal"
          textAlign="left"
          onClick={() =>
            perform(layingOutFix(fix, view, newId), `${fixName(fix)} laid on the mat.`)
          }
        >
          <GearIcon look={fix.gear.look} size={22} />
          {fix.isOnShelf ? 'Lay out' : 'Add'} {fixName(fix)} {fixFigures(fix, view)}
        </Button>
      ))}
    </Flex>
  );
}
