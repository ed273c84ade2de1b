'use client';

import { Box, Text } from '@chakra-ui/react';
import { hangsOn, type HangsOn } from '@/core/kit/hangs-on';
import type { Need, NeedId } from '@/core/needs/need';
import { printNumber } from '@/core/quantity';
import type { KitView } from '@/ui/kit/kit-view';
import { useAfterPaint } from '@/ui/kit/use-after-paint';

/** The figures of the brief that a need hangs on most: what each would do to it, a step to the worse. */
export function HangsOnList({ view, need }: { readonly view: KitView; readonly need: Need }) {
  const all = useAfterPaint(view, hangsOnOf);
  const found = all?.get(need.need) ?? [];
  if (found.length === 0) return null;
  return (
    <Box marginTop="3">
      <Text fontWeight="600">What it hangs on in the brief</Text>
      <Box as="ul" paddingLeft="5">
        {found.map((each) => (
          <li key={each.if}>
            {each.if}: {changeInWords(need, each)}
          </li>
        ))}
      </Box>
    </Box>
  );
}

const answers = new WeakMap<KitView, ReadonlyMap<NeedId, readonly HangsOn[]>>();

function hangsOnOf(view: KitView): ReadonlyMap<NeedId, readonly HangsOn[]> {
  const { kit, own, units } = view;
  const known = answers.get(view) ?? (own.brief ? hangsOn(kit, own.brief, units) : new Map());
  answers.set(view, known);
  return known;
}

function changeInWords(before: Need, { after }: HangsOn): string {
  const standing = after.standing === before.standing ? '' : `, ${after.standing} then`;
  if (before.days !== null && after.days !== null && before.days !== after.days) {
    return `${days(after.days)} instead of ${days(before.days)}${standing}.`;
  }
  if (before.demand !== null && after.demand !== null && before.demand !== after.demand) {
    return `asks ${figure(after.demand)} instead of ${figure(before.demand)} ${after.unit}${standing}.`;
  }
  return before.supply !== null && after.supply !== null
    ? `gives ${figure(after.supply)} instead of ${figure(before.supply)} ${after.unit}${standing}.`
    : `${after.standing} then.`;
}

function days(value: number): string {
  return value === Infinity ? 'days without end' : `${printNumber(value, 1)} days`;
}

function figure(value: number): string {
  return value === Infinity ? 'no end of' : printNumber(value, Math.abs(value) < 20 ? 1 : 0);
}
