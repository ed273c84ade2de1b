'use client';

import { Flex, Text } from '@chakra-ui/react';
import { briefRanges, stores, type Conditions, type Store } from '@/core/brief';
import { threats } from '@/core/gear';
import { printNumber } from '@/core/quantity';
import { Choice } from '@/ui/fields/choice';
import { Panel } from '@/ui/fields/panel';
import { Tick } from '@/ui/fields/tick';
import type { KitView } from '@/ui/kit/kit-view';
import { FigureField } from './figure-field';
import { BesideTicks } from './beside-ticks';
import { Filled } from './filled';
import { TextField } from './text-field';
import type { BriefProps } from './use-brief';

/** Water, fire, and who comes to look. */
export function WaterPanel({
  brief,
  change,
  conditions,
  view,
}: BriefProps & { readonly conditions: Conditions; readonly view: KitView }) {
  const there = conditions.waterThreats?.value ?? [];
  return (
    <Panel title="Water, fire, help">
      <Flex gap="3" wrap="wrap" align="flex-start">
        <FigureField
          label="Hours between waters"
          width="170px"
          range={briefRanges.dryHours}
          value={brief.dryHours}
          unlessTyped={
            conditions.dryHours
              ? `${printNumber(conditions.dryHours.value, conditions.dryHours.by === 'route' ? 1 : 0)} by the ${conditions.dryHours.by}`
              : 'not known'
          }
          onChange={(dryHours) => change({ dryHours })}
        />
        <FigureField
          label="Hours until a search starts"
          width="190px"
          range={briefRanges.searchHours}
          value={brief.searchHours}
          onChange={(searchHours) => change({ searchHours })}
        />
        <TextField
          label="A trip note is left with"
          flex="1 1 170px"
          placeholder="nobody"
          value={brief.noteLeftWith}
          onChange={(noteLeftWith) => change({ noteLeftWith })}
        />
        <FigureField
          label="A vehicle goes along, kg laden"
          width="190px"
          range={briefRanges.vehicleKg}
          value={brief.vehicleKg}
          onChange={(vehicleKg) => change({ vehicleKg })}
        />
        <Choice<Store>
          label="Kept between uses in"
          value={brief.storedIn}
          options={stores.map((each) => [each, `a ${each}`] as const)}
          onChange={(storedIn) => change({ storedIn })}
        />
      </Flex>
      <BesideTicks brief={brief} change={change} view={view} />
      <Filled brief={brief} change={change} view={view} />
      <Text fontSize="sm" fontWeight="600" marginTop="3">
        In the water {conditions.waterThreats?.by === 'country' && '(by the country)'}
      </Text>
      <Flex gap="1.5" wrap="wrap" marginTop="1">
        {threats.map((threat) => (
          <Tick
            key={threat}
            isOn={there.includes(threat)}
            onChange={(isOn) =>
              change({
                waterThreats: isOn ? [...there, threat] : there.filter((each) => each !== threat),
              })
            }
          >
            {threat}
          </Tick>
        ))}
        <Tick
          isOn={conditions.waterIsCloudy?.value ?? false}
          onChange={(waterIsCloudy) => change({ waterIsCloudy })}
        >
          cloudy
        </Tick>
        <Tick isOn={brief.isFireAllowed} onChange={(isFireAllowed) => change({ isFireAllowed })}>
          open fire is allowed
        </Tick>
        <Tick isOn={brief.isFlown} onChange={(isFlown) => change({ isFlown })}>
          part of the way is flown
        </Tick>
      </Flex>
    </Panel>
  );
}
