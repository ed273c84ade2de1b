'use client';

import { create } from 'zustand';
import { keyOf, notLaidOut, type LaidOut, type Stowage } from '@/core/fit';

/** Answers that are kept, the latest. */
const mostKept = 400;

/** How long answers are gathered before what is worked out from them is worked out anew, in ms. */
const gatherMs = 200;

const answers = new Map<string, Stowage>();

/** A function for each state of what is known, so that what was worked out by it can be kept. */
const useAnswers = create<{ readonly laidOut: LaidOut }>(() => ({ laidOut: notLaidOut }));

let timer: ReturnType<typeof setTimeout> | null = null;

/** What has been laid out so far, by content: the one answer of figures, findings and pictures. */
export function useLaidOut(): LaidOut {
  return useAnswers(({ laidOut }) => laidOut);
}

/** Keeps an answer under the key of its question. */
export function keepAnswer(key: string, stowage: Stowage): void {
  answers.delete(key);
  answers.set(key, stowage);
  for (const oldest of answers.keys()) {
    if (answers.size <= mostKept) break;
    answers.delete(oldest);
  }
  timer ??= setTimeout(tell, gatherMs);
}

function tell(): void {
  timer = null;
  useAnswers.setState({ laidOut: (question) => answers.get(keyOf(question)) ?? null });
}
