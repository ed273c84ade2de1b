import { Flex, Heading, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { AcornMark } from '../shell/acorn-mark';

interface OpeningPageProps {
  readonly title: string;
  /** What happened, what is safe, what to do. */
  readonly says: readonly string[];
  readonly children?: ReactNode;
}

/** A page that stands where the bench cannot: what happened, what is safe, and what can be done. */
export function OpeningPage({ title, says, children }: OpeningPageProps) {
  return (
    <Flex
      as="main"
      minHeight="100dvh"
      direction="column"
      align="center"
      justify="center"
      gap="4"
      padding="5"
    >
      <AcornMark size={72} />
      <Flex
        direction="column"
        gap="3"
        width="100%"
        maxWidth="600px"
        padding="6"
        bg="panel"
        borderWidth="1px"
        borderRadius="16px"
        role="alert"
      >
        <Heading as="h1" fontSize="2xl" lineHeight="1.2">
          {title}
        </Heading>
        {says.map((sentence) => (
          <Text key={sentence} overflowWrap="anywhere">
            {sentence}
          </Text>
        ))}
        <Flex gap="2" wrap="wrap" marginTop="2">
          {children}
        </Flex>
      </Flex>
    </Flex>
  );
}
