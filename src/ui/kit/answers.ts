'use client';

import { create } from 'zustand';
import { notLaidOut, type LaidOut } from '@/core/fit';

/** A function for each state of what is known, so that what was worked out by it can be kept. */
const useAnswers = create<{ readonly laidOut: LaidOut }>(() => ({ laidOut: notLaidOut }));

/** What has been laid out so far, by content: the one answer of figures, findings and pictures. */
export function useLaidOut(): LaidOut {
  return useAnswers(({ laidOut }) => laidOut);
}

/** From now on this is what has been laid out. */
export function tellLaidOut(laidOut: LaidOut): void {
  useAnswers.setState({ laidOut });
}
