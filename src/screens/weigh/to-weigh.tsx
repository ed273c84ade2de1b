'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import type { Gear } from '@/core/gear';
import { Choice } from '@/ui/fields/choice';
import { Panel } from '@/ui/fields/panel';
import { PillSwitch } from '@/ui/fields/pill-switch';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';

export type Which = 'kit' | 'shelf';

/** As many pieces are shown of those to weigh, and can be chosen to weigh again. */
const mostShown = 12;
const mostChoices = 500;

interface ToWeighProps {
  readonly kitName: string | null;
  readonly all: readonly Gear[];
  readonly unweighed: readonly Gear[];
  readonly current: Gear | undefined;
  readonly done: number;
  readonly which: Which;
  readonly onWhich: (which: Which) => void;
  /** The piece that is weighed out of turn; empty for the next of the list. */
  readonly again: string;
  readonly onAgain: (gear: string) => void;
}

/** The list to go down, and a way to weigh any other piece. */
export function ToWeigh(props: ToWeighProps) {
  const { kitName, all, unweighed, current, done, which, onWhich, again, onAgain } = props;
  return (
    <Panel title="Not weighed yet" width={{ base: '100%', lg: '340px' }} flexShrink="0">
      {kitName !== null && (
        <PillSwitch<Which>
          label="Which gear"
          options={[
            ['shelf', 'The whole shelf'],
            ['kit', kitName],
          ]}
          value={which}
          onChange={onWhich}
        />
      )}
      <Text role="status" marginY="2" fontSize="sm" color="fg.muted">
        {unweighed.length} to weigh, {done} weighed just now
      </Text>
      <Flex as="ol" direction="column" gap="1" listStyleType="none">
        {unweighed.slice(0, mostShown).map((gear) => (
          <Flex
            as="li"
            key={gear.id}
            align="center"
            gap="2"
            padding="1.5"
            borderRadius="8px"
            bg={gear === current ? 'leaf.soft' : undefined}
            fontWeight={gear === current ? '700' : '400'}
          >
            <GearIcon look={gear.look} size={26} />
            {gear.name}
            {gear.count > 1 && ` × ${gear.count}`}
          </Flex>
        ))}
      </Flex>
      {unweighed.length > mostShown && (
        <Text fontSize="sm" color="fg.muted" marginTop="1">
          and {unweighed.length - mostShown} more
        </Text>
      )}
      <Box marginTop="3">
        <Choice
          label="Or weigh this one"
          value={again}
          options={[
            ['', 'the next of the list'],
            ...all.slice(0, mostChoices).map(({ id, name }) => [id, name] as const),
          ]}
          onChange={onAgain}
        />
      </Box>
    </Panel>
  );
}
