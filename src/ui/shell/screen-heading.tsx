import { Heading } from '@chakra-ui/react';

/** The screen's name: read out, and not drawn, since the rail shows where one is. */
export function ScreenHeading({ children }: { readonly children: React.ReactNode }) {
  return (
    <Heading
      as="h1"
      position="absolute"
      width="1px"
      height="1px"
      overflow="hidden"
      clipPath="inset(50%)"
    >
      {children}
    </Heading>
  );
}
