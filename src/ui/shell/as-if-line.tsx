'use client';

import { Flex, Text } from '@chakra-ui/react';
import { usePathname } from 'next/navigation';
import { supposedInWords } from '@/core/losses/in-words';
import { Button } from '@/ui/fields/button';
import { TextLink } from '@/ui/fields/text-link';
import { useKitView } from '@/ui/kit/kit-view';
import { showWhole } from '@/ui/kit/what-if';
import { namesInWhole } from '@/ui/kit/whole-kit';

/** Says on every screen that shows a kit without some of it that it does, and shows it whole again. */
export function AsIfLine() {
  const view = useKitView();
  const path = usePathname();
  if (!view || view.lost.length === 0 || path.startsWith('/prove')) return null;
  const supposed = supposedInWords(view.lost, namesInWhole(view));
  return (
    <Flex
      className="no-print"
      role="status"
      align="center"
      wrap="wrap"
      gap="3"
      marginX={{ base: '3', md: '6' }}
      marginBottom="3"
      paddingX="4"
      paddingY="1"
      borderWidth="2px"
      borderStyle="dashed"
      borderColor="fg"
      borderRadius="12px"
    >
      <Text flex="1">
        Shown as if <b>{supposed}</b>. Nothing is really gone; what you change is changed in the
        whole kit. <TextLink href="/prove">Back to Prove</TextLink>
      </Text>
      <Button size="sm" onClick={showWhole}>
        Show it whole
      </Button>
    </Flex>
  );
}
