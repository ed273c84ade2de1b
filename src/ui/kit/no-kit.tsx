'use client';

import { Box, Heading, Text } from '@chakra-ui/react';
import { prefer } from '@/store/preferences';
import { later } from '@/ui/late/later';

const NewKitForm = later(() => import('./new-kit-form').then((module) => module.NewKitForm));

/** What a screen about a kit shows while there is none. */
export function NoKit() {
  return (
    <Box maxWidth="440px" marginX="auto" marginTop="16">
      <Heading as="h1" fontSize="2xl">
        There is no kit yet
      </Heading>
      <Text marginY="3">Name one, and lay your gear out in it.</Text>
      <NewKitForm action="Make a kit" onMade={(kit) => prefer({ kit })} />
    </Box>
  );
}
