'use client';

import { useEffect } from 'react';
import type { Bench } from '@/core/loadout';
import { writeToFolder, type Folder } from '@/store/back-up-folder';
import { useBench } from '@/store/bench';
import { prefer } from '@/store/preferences';
import { whyFailed } from '@/store/why-failed';
import { today } from '@/store/today';
import { findFolder, folderSays, useFolder } from './folder-state';
import { zipOfBench } from './use-back-up';

/** How long after the last change the file in the folder is written, in ms. */
const waitMs = 4000;

/** Writes the back-up into its folder a moment after each change, wherever in the application one is. It shows nothing. */
export function FolderWriter() {
  const bench = useBench();
  const folder = useFolder((kept) => (kept.state === 'open' ? kept.folder : null));
  useEffect(() => {
    void findFolder();
  }, []);
  useEffect(() => {
    if (!folder) return undefined;
    const timer = setTimeout(() => {
      void writeNow(folder, bench).then((said) => folderSays(folder, said));
    }, waitMs);
    return () => clearTimeout(timer);
  }, [folder, bench]);
  return null;
}

/** Writes the back-up into the folder, and says how that went. */
async function writeNow(folder: Folder, bench: Bench): Promise<string> {
  const zip = await zipOfBench(bench);
  if (!zip.ok) return `▲ ${zip.problem.message}`;
  try {
    await writeToFolder(folder, zip.value);
  } catch (error) {
    return `▲ It was not written, and the file there is as it was: ${whyFailed(error)}.`;
  }
  prefer({ backedUpOn: today() });
  return 'It is up to date.';
}
