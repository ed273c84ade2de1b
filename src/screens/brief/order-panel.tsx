'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { conditionsOf } from '@/core/brief';
import { laidOrder, schemeOf, schemesOf } from '@/core/scheme';
import { proposedLanes, proposedOrder, saysWhere } from '@/core/scheme/proposed-order';
import { usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { Panel } from '@/ui/fields/panel';
import type { KitView } from '@/ui/kit/kit-view';
import type { BriefProps } from './use-brief';

interface OrderPanelProps extends BriefProps {
  readonly view: KitView;
  readonly today: string;
}

/** Which category comes first there, and why: one press lays the mat so. */
export function OrderPanel({ brief, change, view, today }: OrderPanelProps) {
  const scheme = schemeOf(
    view.bench,
    usePreferences(({ scheme: id }) => id),
  );
  if (!saysWhere(brief)) return null;
  const order = proposedOrder(scheme, brief, conditionsOf(brief, today));
  const laid = laidOrder(scheme, view.own.brief).categories;
  const isLaidSo = order.every(({ category }, at) => category.id === laid[at]?.id);
  return (
    <Panel
      title="What comes first"
      says={`${scheme.name}, by how soon the lack tells there and how hard it is to make do. Which comes first is disputed: it is a proposal.`}
    >
      <Box as="ol" listStylePosition="inside" fontSize="sm">
        {order.map(({ category, because }) => (
          <Box as="li" key={category.id} paddingY="0.5">
            <b>{category.name}</b>
            <Text as="span" color="fg.muted">
              {' '}
              {because}
            </Text>
          </Box>
        ))}
      </Box>
      <Flex gap="2" marginTop="3" wrap="wrap" align="center">
        {isLaidSo ? (
          <Text fontSize="sm">The mat lies in this order.</Text>
        ) : (
          <Button
            onClick={() => change({ lanes: proposedLanes(schemesOf(view.bench), brief, today) })}
          >
            Lay the mat in this order
          </Button>
        )}
        {brief.lanes.length > 0 && (
          <Button variant="bare" onClick={() => change({ lanes: [] })}>
            As {scheme.name} has it
          </Button>
        )}
      </Flex>
    </Panel>
  );
}
