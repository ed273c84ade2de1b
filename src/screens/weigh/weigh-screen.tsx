'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { massWhenFullG, type Gear } from '@/core/gear';
import { printMass } from '@/core/quantity';
import { useBench } from '@/store/bench';
import { usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { Panel } from '@/ui/fields/panel';
import { PillSwitch } from '@/ui/fields/pill-switch';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import { useKitView } from '@/ui/kit/kit-view';
import { perform } from '@/ui/notice/notice';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { Pan } from './pan';
import { StandIn } from './stand-in';
import { useScale } from './use-scale';

type Which = 'kit' | 'shelf';

/** Goes down the list of gear that was never weighed: put it on, wait until it is steady, Enter. */
export function WeighScreen() {
  const bench = useBench();
  const view = useKitView();
  const { units } = usePreferences();
  const [which, setWhich] = useState<Which>('shelf');
  const [skipped, setSkipped] = useState<ReadonlySet<string>>(new Set());
  const [done, setDone] = useState<readonly string[]>([]);
  const { scale, link, settling, startAnew, connectAgain } = useScale();

  const inKit = new Set(view?.loadout.placements.map(({ gear }) => gear));
  const all = [...bench.shelf.values()].filter(
    (gear) => gear.ownership !== 'wished' && gear.ownership !== 'retired' && gear.count > 0,
  );
  const unweighed = all
    .filter(
      ({ id, massTrust, massG }) => (massTrust !== 'weighed' || massG === null) && !skipped.has(id),
    )
    .filter(({ id }) => which === 'shelf' || inKit.has(id))
    .sort((one, other) => one.name.localeCompare(other.name));
  const current = unweighed[0];

  function record(readingG: number, pieces: number): void {
    if (!current) return;
    const massG = massWhenFullG(current, Math.max(0, readingG) / pieces);
    const change = { massG: Number(massG.toFixed(2)), massTrust: 'weighed' } as const;
    const said = `${current.name} weighs ${printMass(massG, units)}.`;
    if (!perform({ do: 'change gear', id: current.id, change }, said)) return;
    setDone([current.name, ...done]);
    startAnew();
    void scale.lay(0);
  }

  return (
    <Box maxWidth="1080px">
      <ScreenHeading>Weigh in</ScreenHeading>
      <SubPlaces />
      {link === 'lost' && (
        <Lost done={done.length} current={current} onAgain={() => void connectAgain()} />
      )}
      <Flex gap="4" align="flex-start" flexDirection={{ base: 'column', lg: 'row' }}>
        <Box flex="1" minWidth="0" width="100%">
          {current ? (
            <Pan
              key={current.id}
              gear={current}
              link={link}
              settling={settling}
              onTare={() => {
                startAnew();
                void scale.tare();
              }}
              onRecord={record}
              onSkip={() => setSkipped(new Set([...skipped, current.id]))}
            />
          ) : (
            <Panel title="All is weighed">
              <Text>Nothing here is left that was never on a scale.</Text>
            </Panel>
          )}
          <StandIn
            key={`hands ${current?.id}`}
            gear={current}
            onLay={(massG) => void scale.lay(massG)}
            onUnplug={() => void scale.unplug()}
          />
        </Box>
        <Panel title="Not weighed yet" width={{ base: '100%', lg: '340px' }} flexShrink="0">
          {view && (
            <PillSwitch<Which>
              label="Which gear"
              options={[
                ['shelf', 'The whole shelf'],
                ['kit', view.loadout.name],
              ]}
              value={which}
              onChange={setWhich}
            />
          )}
          <Text role="status" marginY="2" fontSize="sm" color="fg.muted">
            {unweighed.length} to weigh, {done.length} weighed just now
          </Text>
          <Flex as="ol" direction="column" gap="1" listStyleType="none">
            {unweighed.slice(0, 12).map((gear, at) => (
              <Flex
                as="li"
                key={gear.id}
                align="center"
                gap="2"
                padding="1.5"
                borderRadius="8px"
                bg={at === 0 ? 'leaf.soft' : undefined}
                fontWeight={at === 0 ? '700' : '400'}
              >
                <GearIcon look={gear.look} size={26} />
                {gear.name}
                {gear.count > 1 && ` × ${gear.count}`}
              </Flex>
            ))}
          </Flex>
          {unweighed.length > 12 && (
            <Text fontSize="sm" color="fg.muted" marginTop="1">
              and {unweighed.length - 12} more
            </Text>
          )}
        </Panel>
      </Flex>
    </Box>
  );
}

interface LostProps {
  readonly done: number;
  readonly current: Gear | undefined;
  readonly onAgain: () => void;
}

/** The line is gone: what is safe, what is not there, and the way on. */
function Lost({ done, current, onAgain }: LostProps) {
  return (
    <Flex
      role="alert"
      wrap="wrap"
      gap="3"
      align="center"
      bg="signal.soft"
      borderRadius="12px"
      padding="3"
      marginBottom="3"
    >
      <Box flex="1 1 320px">
        <Text fontWeight="700">▲ The line to the scale is gone.</Text>
        <Text fontSize="sm">
          {done === 0
            ? 'Nothing was lost: no piece had been weighed yet.'
            : `${done} ${done === 1 ? 'piece' : 'pieces'} weighed before it broke ${done === 1 ? 'is' : 'are'} kept.`}
          {current && ` ${current.name} is as it was.`} You can also type a mass under Shelf.
        </Text>
      </Box>
      <Button variant="main" onClick={onAgain}>
        Connect again
      </Button>
    </Flex>
  );
}
