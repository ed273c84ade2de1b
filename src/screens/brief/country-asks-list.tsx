'use client';

import { Box, Text } from '@chakra-ui/react';
import { askedBy, withAsked, withoutAsked } from '@/core/brief/country-asks';
import type { CountryId } from '@/core/catalogue/country-climates';
import { jobsInWords } from '@/core/gear';
import { Tick } from '@/ui/fields/tick';
import type { KitView } from '@/ui/kit/kit-view';
import { perform } from '@/ui/notice/notice';

/** What the kind of country asks for beyond any kit, taken singly as wishes of the kit; they go with the country. */
export function CountryAsksList({
  country,
  view,
}: {
  readonly country: CountryId;
  readonly view: KitView;
}) {
  const { own } = view;
  const asked = askedBy(country, own.wishes);
  if (asked.length === 0) return null;
  return (
    <Box marginTop="3">
      <Text fontSize="sm" fontWeight="600">
        This country proposes
      </Text>
      {asked.map(({ anyOf, ways, because, isTaken }) => (
        <Box key={anyOf.join()} marginTop="1.5">
          <Tick
            isOn={isTaken}
            onChange={(isOn) => {
              const asks = { anyOf, ways };
              const wishes = isOn ? withAsked(own.wishes, asks) : withoutAsked(own.wishes, asks);
              perform({ do: 'change kit', id: own.id, change: { wishes } });
            }}
          >
            {jobsInWords(anyOf)}: {ways === 1 ? 'a way' : `${ways} ways`}
          </Tick>
          <Text fontSize="sm" color="fg.muted">
            {because}
          </Text>
        </Box>
      ))}
    </Box>
  );
}
