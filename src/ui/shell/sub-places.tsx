'use client';

import { Flex } from '@chakra-ui/react';
import NextLink from 'next/link';
import { usePathname } from 'next/navigation';
import { memo } from 'react';
import { placeOf, subPlaces } from './places';

/** What else this place has, each a press away. */
export const SubPlaces = memo(function SubPlaces() {
  const path = usePathname();
  const within = subPlaces[placeOf(path)?.path ?? ''] ?? [];
  return (
    <Flex
      as="nav"
      aria-label="In this place"
      className="no-print"
      gap="4"
      wrap="wrap"
      marginBottom="3"
    >
      {within.map((sub) => {
        const isHere = sub.path === path;
        return (
          <NextLink
            key={sub.path}
            href={sub.path}
            prefetch={false}
            aria-current={isHere ? 'page' : undefined}
          >
            <Flex
              align="center"
              minHeight="11"
              fontFamily="heading"
              fontWeight={isHere ? '700' : '500'}
              color={isHere ? 'fg' : 'fg.muted'}
              borderBottomWidth="3px"
              borderColor={isHere ? 'leaf.vivid' : 'transparent'}
              _hover={{ color: 'fg' }}
            >
              {sub.name}
            </Flex>
          </NextLink>
        );
      })}
    </Flex>
  );
});
