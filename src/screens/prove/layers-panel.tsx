'use client';

import { Box, Text } from '@chakra-ui/react';
import { lastingByLayers, type LayerLasts } from '@/core/kit/lasting-layers';
import { needNames } from '@/core/needs/need';
import { printNumber } from '@/core/quantity';
import { Panel } from '@/ui/fields/panel';
import type { KitView } from '@/ui/kit/kit-view';
import { useAfterPaint } from '@/ui/kit/use-after-paint';

/** How long one lasts who comes away with no more than what is on the body, or with the bag too. */
export function LayersPanel({ view }: { readonly view: KitView }) {
  const layers = useAfterPaint(view, layersOf);
  return (
    <Panel title="If that is all you come away with" overflowX="auto">
      {layers === null ? (
        <Text>Working it out…</Text>
      ) : (
        <Box
          as="table"
          width="100%"
          fontSize="sm"
          css={{ '& th, & td': { textAlign: 'left', padding: '5px 10px 5px 0' } }}
        >
          <thead>
            <tr>
              <th scope="col">What</th>
              <th scope="col">Lasts</th>
              <th scope="col">Needs met</th>
            </tr>
          </thead>
          <tbody>
            {layers.map(({ layer, pieces, lasts, needs }) => (
              <Box as="tr" key={layer} borderTopWidth="1px">
                <th scope="row">
                  {layer}, {pieces} {pieces === 1 ? 'line' : 'lines'}
                </th>
                <td>{lastsInWords(lasts)}</td>
                <td>
                  {needs.filter(({ standing }) => standing === 'met').length} of {needs.length}
                </td>
              </Box>
            ))}
          </tbody>
        </Box>
      )}
      <Text fontSize="sm" color="fg.muted" marginTop="2">
        On the body: what is worn or in a holder that is worn. Bag: all that is on somebody’s back
        or not stowed yet. All: with what stands in a vehicle or a house.
      </Text>
    </Panel>
  );
}

function layersOf({ kit, own, units }: KitView): readonly LayerLasts[] {
  return own.brief ? lastingByLayers(kit, own.brief, units) : [];
}

function lastsInWords({ days, first }: LayerLasts['lasts']): string {
  if (days === null || first === null) return 'not known';
  return `${printNumber(days, 1)} days, ${needNames[first].toLowerCase()} first`;
}
