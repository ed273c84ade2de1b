'use client';

import { Box, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { keptByLayers, lastingByLayers, type LayerLasts } from '@/core/kit/lasting-layers';
import { needIds, needNames, type NeedId } from '@/core/needs/need';
import { PlainTable } from '@/ui/fields/plain-table';
import { Choice } from '@/ui/fields/choice';
import { Panel } from '@/ui/fields/panel';
import type { KitView } from '@/ui/kit/kit-view';
import { useAfterPaint } from '@/ui/kit/use-after-paint';
import { lastsInWords, StandingCell } from './standing-cell';

interface Asked {
  readonly view: KitView;
  readonly person: number | null;
}

/** What each need comes to for who comes away with no more than what is on the body, or with the bag too. */
export function LayersPanel({ view }: { readonly view: KitView }) {
  const [chosen, choose] = useState<number | null>(null);
  const kept = view.own.brief === null ? [] : keptByLayers(view.own.brief);
  // Who was chosen may have been taken off the brief since.
  const person = kept.some((each) => each.person === chosen) ? chosen : null;
  const asked = useMemo((): Asked => ({ view, person }), [view, person]);
  const layers = useAfterPaint(asked, layersOf);
  if (view.own.brief === null) return null;
  return (
    <Panel title="If that is all you come away with" overflowX="auto">
      {kept.length > 1 && (
        <Box marginBottom="3">
          <Choice
            label="Who has it"
            value={String(person)}
            options={kept.map((each) => [
              String(each.person),
              each.person === null ? 'All who go, together' : `${each.name} alone`,
            ])}
            onChange={(value) => choose(value === 'null' ? null : Number(value))}
          />
        </Box>
      )}
      {layers === null ? <Text>Working it out…</Text> : <LayersTable layers={layers} />}
      <Text fontSize="sm" color="fg.muted" marginTop="2">
        On the body: what is worn or in a holder that is worn. Bag: all that is on somebody’s back
        or not stowed yet. All: with what stands in a vehicle or a house.
      </Text>
    </Panel>
  );
}

function LayersTable({ layers }: { readonly layers: readonly LayerLasts[] }) {
  return (
    <PlainTable>
      <thead>
        <tr>
          <th scope="col">What it asks</th>
          {layers.map(({ layer, pieces }) => (
            <th key={layer} scope="col">
              {layer}
              <Text as="span" display="block" fontWeight="400" color="fg.muted">
                {pieces} {pieces === 1 ? 'line' : 'lines'}
              </Text>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        <Box as="tr" borderTopWidth="1px">
          <th scope="row">Lasts</th>
          {layers.map(({ layer, lasts }) => (
            <td key={layer}>{lastsInWords(lasts)}</td>
          ))}
        </Box>
        {asksOf(layers).map((need) => (
          <Box as="tr" key={need} borderTopWidth="1px">
            <th scope="row">{needNames[need]}</th>
            {layers.map(({ layer, needs }) => (
              <StandingCell key={layer} need={needs.find((each) => each.need === need)!} />
            ))}
          </Box>
        ))}
      </tbody>
    </PlainTable>
  );
}

/** What the trip asks at all, whatever is there to meet it. */
function asksOf(layers: readonly LayerLasts[]): readonly NeedId[] {
  return needIds.filter((id) =>
    layers.some(({ needs }) =>
      needs.some(({ need, standing, demand }) => need === id && !(standing === 'met' && !demand)),
    ),
  );
}

function layersOf({ view: { kit, own, units }, person }: Asked): readonly LayerLasts[] {
  return own.brief ? lastingByLayers(kit, own.brief, units, person) : [];
}
