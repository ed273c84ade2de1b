'use client';

import { usePreferences } from '@/store/preferences';
import { later } from '@/ui/late/later';

const DueBell = later(() => import('./due-bell').then((module) => module.DueBell));
const FolderWriter = later(() => import('./folder-writer').then((module) => module.FolderWriter));

/** What goes on whatever screen is shown, fetched only where somebody wants it: the bell, and the back-up in a folder. */
export function BesideScreens() {
  const { bell, hasFolder } = usePreferences();
  return (
    <>
      {bell !== 'off' && <DueBell />}
      {hasFolder && <FolderWriter />}
    </>
  );
}
