'use client';

import { useEffect } from 'react';
import { dueListOf } from '@/core/upkeep';
import { simulatedBell } from '@/devices/bell/simulated-bell';
import { systemBell } from '@/devices/bell/system-bell';
import { useBenchState } from '@/store/bench';
import { prefer, usePreferences } from '@/store/preferences';
import { today } from '@/store/today';
import { say } from '@/ui/notice/notice';

/** How often the bell looks whether a new day has begun, in ms. */
const looksEveryMs = 10 * 60_000;

const here = simulatedBell((text) => say(text));

/** Rings once a day while something is due, where its owner wants it. It shows nothing of its own. */
export function DueBell() {
  const { bell } = usePreferences();
  const isOpen = useBenchState(({ opening }) => opening.state === 'open');
  useEffect(() => {
    if (bell === 'off' || !isOpen) return undefined;
    look();
    const timer = setInterval(look, looksEveryMs);
    return () => clearInterval(timer);
  }, [bell, isOpen]);
  return null;
}

function look(): void {
  const { bell, rangOn } = usePreferences.getState();
  const day = today();
  if (bell === 'off' || rangOn === day) return;
  const { dues } = dueListOf(useBenchState.getState().history.bench, day);
  const due = dues.filter(({ on }) => on <= day);
  if (due.length === 0) return;
  prefer({ rangOn: day });
  const [first] = due;
  const title = due.length === 1 ? 'One thing is due' : `${due.length} things are due`;
  const line = `${first!.gear.name}${first!.kit ? ` in ${first!.kit.name}` : ''} first. See Keep.`;
  here.ring(title, line);
  if (bell === 'system') systemBell.ring(title, line);
}
