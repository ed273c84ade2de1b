'use client';

import { Box, Heading, Text } from '@chakra-ui/react';
import { needNames } from '@/core/needs/need';
import { printMass, printNumber } from '@/core/quantity';
import type { KitView } from '@/ui/kit/kit-view';
import { standingSigns } from '@/ui/kit/standing-signs';
import { useMassByDays, useUnderBrief } from '@/ui/kit/under-brief';

/** What the brief asks and how the kit stands to it, as it is printed below the packing list. */
export function NeedsSheet({ view }: { readonly view: KitView }) {
  const under = useUnderBrief();
  const massByDays = useMassByDays();
  if (!under || !massByDays) return <Text role="status">Working out the needs…</Text>;
  const { needs, lasts, kit } = under;
  const mass = massByDays(kit);
  const { brief } = kit;
  return (
    <Box as="section" aria-label="Needs" marginTop="6" breakInside="auto">
      <Heading as="h3" fontSize="lg" borderBottomWidth="2px" borderColor="fg" paddingBottom="1">
        Is it enough{brief.name === '' ? '' : ` for ${brief.name}`}?
      </Heading>
      <Text fontSize="sm" marginTop="1">
        {lasts.days !== null &&
          lasts.first !== null &&
          `Lasts ${printNumber(lasts.days, 1)} days${kit.days === null ? '' : ` of ${kit.days}`}, ${needNames[lasts.first].toLowerCase()} first. `}
        {mass &&
          `Sets out with ${printMass(mass.setsOutG, view.units)}, comes home with ${printMass(mass.comesHomeG, view.units)}. `}
        Estimates that lean to the safe side.
      </Text>
      <Box as="ul" listStyleType="none" marginTop="2" fontSize="sm">
        {needs.map(({ need, standing, says }) => (
          <Box as="li" key={need} paddingY="1" borderBottomWidth="1px" breakInside="avoid">
            <span role="img" aria-label={standing}>
              {standingSigns[standing].sign}
            </span>{' '}
            <b>{needNames[need]}</b>, {standing}. {says}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
