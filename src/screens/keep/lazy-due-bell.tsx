'use client';

import dynamic from 'next/dynamic';
import { usePreferences } from '@/store/preferences';

const DueBell = dynamic(() => import('./due-bell').then((module) => module.DueBell));

/** The bell, fetched only where somebody wants it to ring. */
export function LazyDueBell() {
  const { bell } = usePreferences();
  return bell === 'off' ? null : <DueBell />;
}
