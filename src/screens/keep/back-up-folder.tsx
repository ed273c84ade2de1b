'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { FolderSync } from 'lucide-react';
import { backUpFile, canKeepFolder } from '@/store/back-up-folder';
import { Button } from '@/ui/fields/button';
import { leaveFolder, openFolderAgain, pickFolder, useFolder } from './folder-state';

/** The same back-up kept up to date in a folder of the person’s own, so that their own sync carries it. */
export function BackUpFolder() {
  const kept = useFolder();
  if (!canKeepFolder()) {
    return (
      <Text fontSize="xs" color="fg.muted" marginTop="3">
        This browser cannot keep a file up to date in a folder: back up by hand.
      </Text>
    );
  }
  return (
    <Box marginTop="3" borderTopWidth="1px" paddingTop="3" fontSize="sm">
      {kept.state === 'none' && (
        <>
          <Button onClick={() => void pickFolder()}>
            <FolderSync size={18} aria-hidden /> Keep one in a folder…
          </Button>
          <Text color="fg.muted" marginTop="1">
            Written again a moment after each change: in a folder that your own sync carries, it is
            elsewhere at once.
          </Text>
        </>
      )}
      {kept.state === 'closed' && (
        <>
          <Text color="signal.fg">
            ▲ The folder {kept.folder.name} waits for you to open it again.
          </Text>
          <Button marginTop="1" onClick={() => void openFolderAgain(kept.folder)}>
            Open it
          </Button>
        </>
      )}
      {kept.state === 'open' && (
        <Flex gap="2" align="center" wrap="wrap" role="status">
          <Text flex="1" minWidth="160px">
            {backUpFile} is kept in {kept.folder.name === '' ? 'the folder' : kept.folder.name}.{' '}
            {kept.said}
          </Text>
          <Button size="sm" variant="bare" onClick={() => void leaveFolder()}>
            No more
          </Button>
        </Flex>
      )}
    </Box>
  );
}
