'use client';

import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { gearOf } from '@/core/loadout';
import { Choice } from '@/ui/fields/choice';
import { Panel } from '@/ui/fields/panel';
import type { KitView } from '@/ui/kit/kit-view';
import { ByWeight } from '@/ui/scale/by-weight';

const wholeKit = '';

/** A whole kit or one holder of it on the scale: whether all is in it, and a seal for the next time. */
export function WholeOnScale({ view }: { readonly view: KitView }) {
  const { bench, loadout, tree } = view;
  const holders = loadout.placements.filter(({ id }) => tree.within(id).length > 0);
  const [chosen, setChosen] = useState(holders[0]?.id ?? wholeKit);
  const holder = holders.some(({ id }) => id === chosen) ? chosen : wholeKit;
  return (
    <Panel
      title={`${loadout.name} on the scale`}
      says="What it should weigh by its pieces, against what it weighs: what agrees is there, and what does not is named. Sealed at its mass, it need not be opened to be looked in."
    >
      <Choice
        label="What lies on it"
        value={holder}
        options={[
          ...holders.map(
            (placement) => [placement.id, gearOf(bench.shelf, placement).name] as const,
          ),
          [wholeKit, 'the whole kit'],
        ]}
        onChange={setChosen}
      />
      <Box marginTop="3">
        <ByWeight
          key={holder}
          view={view}
          loadout={loadout}
          placement={holder === wholeKit ? null : holder}
        />
      </Box>
    </Panel>
  );
}
