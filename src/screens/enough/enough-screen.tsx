'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { twoSeasonsIn } from '@/core/brief';
import type { UnderBrief } from '@/core/kit/under-brief';
import { printNumber } from '@/core/quantity';
import { TextLink } from '@/ui/fields/text-link';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { NoKit } from '@/ui/kit/no-kit';
import { useUnderBrief } from '@/ui/kit/under-brief';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { NeedSheet } from './need-sheet';

/** Every need of the brief: what it asks, what the kit gives, how many days that lasts, and how that was worked out. */
export function EnoughScreen() {
  const view = useKitView();
  const under = useUnderBrief();
  if (!view) return <NoKit />;
  return (
    <Box maxWidth="1080px">
      <ScreenHeading>Is {view.own.name} enough?</ScreenHeading>
      <SubPlaces />
      {view.own.brief === null ? (
        <Text>
          Nobody said yet what {view.own.name} is for.{' '}
          <TextLink href="/brief">Write its brief</TextLink>, and every need is worked out.
        </Text>
      ) : under === null ? (
        <Text role="status">Working out the needs…</Text>
      ) : (
        <Needs under={under} view={view} />
      )}
    </Box>
  );
}

function Needs({ under, view }: { readonly under: UnderBrief; readonly view: KitView }) {
  const { needs, lasts, kit } = under;
  const order = { none: 0, short: 1, 'not known': 2, met: 3 } as const;
  const sorted = [...needs].sort((one, other) => order[one.standing] - order[other.standing]);
  const two = twoSeasonsIn(kit.conditions);
  const met = needs.filter(({ standing }) => standing === 'met').length;
  return (
    <>
      <Text fontSize="lg" marginBottom="1">
        {lasts.days === null
          ? `${met} of ${needs.length} needs are met.`
          : `It lasts ${printNumber(lasts.days, 1)} days${kit.days === null ? '' : ` of ${kit.days}`}, ${lasts.first} first. ${met} of ${needs.length} needs are met.`}
      </Text>
      {two && (
        <Text marginBottom="1">
          Two seasons in one: nights of {printNumber(two.lowC, 0)} °C and days of{' '}
          {printNumber(two.highC, 0)} °C. Sleep and warmth are judged at the cold end, drink, sun
          and insects at the warm one: what one end asks is ballast at the other.
        </Text>
      )}
      <Text color="fg.muted" fontSize="sm" marginBottom="4">
        Planning estimates that lean to the safe side, judged on the last day: nothing that is then
        expired, used up, lent, failed or missing counts. They plan and remind; they do not train.
      </Text>
      <Flex as="ul" direction="column" gap="2" listStyleType="none" aria-label="Needs">
        {sorted.map((need) => (
          <NeedSheet key={need.need} need={need} days={kit.days} view={view} kit={kit} />
        ))}
      </Flex>
    </>
  );
}
