'use client';

import { useEffect, useState } from 'react';
import { cavityQuestion, type CavityQuestion } from '@/core/fit/laid-out';
import { gearOf, type Loadout } from '@/core/loadout';
import type { KitView } from '@/ui/kit/kit-view';
import { want } from './stowings';

/** Every cavity of a kit that holds something, to be laid out. */
export function questionsOf({ loadout, bench }: KitView): readonly CavityQuestion[] {
  return loadout.placements.flatMap((placement) =>
    gearOf(bench.shelf, placement).cavities.flatMap(({ id }) => {
      const question = cavityQuestion(loadout, bench.shelf, placement.id, id);
      return question && question.items.length > 0 ? [question] : [];
    }),
  );
}

/**
 * The kit's questions, asked a moment after each change so that the change itself shows first; none while they are
 * of an older state of the kit.
 */
export function useQuestions(view: KitView): readonly CavityQuestion[] {
  const [asked, setAsked] = useState<{
    readonly loadout: Loadout;
    readonly questions: readonly CavityQuestion[];
  } | null>(null);
  useEffect(() => {
    const timer = setTimeout(() => {
      const questions = questionsOf(view);
      setAsked({ loadout: view.loadout, questions });
      want(questions, view.loadout);
    }, 120);
    return () => clearTimeout(timer);
  }, [view]);
  return asked?.loadout === view.loadout ? asked.questions : [];
}
