'use client';

import { Box, Text } from '@chakra-ui/react';
import { afloat, type Afloat } from '@/core/kit/floats';
import { printMass } from '@/core/quantity';
import { Panel } from '@/ui/fields/panel';
import type { KitView } from '@/ui/kit/kit-view';

/** What floats when it all goes overboard, and what stays dry. */
export function AfloatPanel({ view }: { readonly view: KitView }) {
  const { kit, units } = view;
  const all = afloat(kit);
  const holders = all.filter(({ placement }) => kit.gear(placement.id).cavities.length > 0);
  if (holders.length === 0) return null;
  const spareG = all.reduce((sum, each) => sum + each.spareG, 0);
  return (
    <Panel
      title="If it goes overboard"
      says="Fresh water. What is closed tight bears its outside with the air pressed out; what a piece bears by its own stuff is not counted on."
    >
      <Box as="ul" listStyleType="none" fontSize="sm" aria-label="Afloat">
        {holders.map((each) => (
          <Box as="li" key={each.placement.id} paddingY="1.5">
            <b>{kit.gear(each.placement.id).name}</b> {inWords(each)}
            <Text color="fg.muted">{dryInWords(each)}</Text>
          </Box>
        ))}
        <Box as="li" paddingY="1.5" borderTopWidth="1px">
          <b>All of it, tied together,</b>{' '}
          {spareG > 0
            ? `floats, and bears ${printMass(spareG, units)} more.`
            : `sinks: ${printMass(-spareG, units)} too heavy.`}
        </Box>
      </Box>
    </Panel>
  );

  function inWords({ floats, spareG: spare, isTight }: Afloat): string {
    const how = isTight ? 'closed tight' : 'lets water in';
    return floats
      ? `${how}, floats, and bears ${printMass(spare, units)} more.`
      : `${how} and sinks: ${printMass(-spare, units)} too heavy.`;
  }

  function dryInWords({ dry, wet }: Afloat): string {
    if (dry.length + wet.length === 0) return 'Nothing is in it.';
    const names = dry.map(({ id }) => kit.gear(id).name);
    if (wet.length === 0) return `All ${dry.length} lines in it stay dry.`;
    return names.length === 0
      ? `All ${wet.length} lines in it get wet.`
      : `Dry: ${names.join(', ')}; ${wet.length} lines get wet.`;
  }
}
