'use client';

import { useEffect, useState } from 'react';
import type { BadRecord } from '@/store/bad-record';
import {
  openAgain,
  openInMemory,
  setBadAside,
  useBenchState,
  type FirstStart,
  type Opening,
} from '@/store/bench';
import { Button } from '../fields/button';
import { windowsOpen } from '../shell/ask-worker';
import { paths, placeOf } from '../shell/places';
import { KeepData } from './keep-data';
import { OpeningPage } from './page';
import { Reload } from './reload';
import { WriteBench } from './write-bench';

interface CannotOpenProps {
  readonly opening: Exclude<Opening, { readonly state: 'open' | 'opening' }>;
  readonly firstStart: FirstStart;
}

/** Why the bench is not open: what happened, what is safe, what can be done. */
export function CannotOpen({ opening, firstStart }: CannotOpenProps) {
  switch (opening.state) {
    case 'blocked':
      return <Blocked />;
    case 'newer':
      return <Newer />;
    case 'left behind':
      return <LeftBehind />;
    case 'bad record':
      return <Bad bad={opening.bad} firstStart={firstStart} />;
    case 'failed':
      return <Failed why={opening.why} firstStart={firstStart} />;
  }
}

/** An older program holds the bench in another window: which, as far as can be told. */
function Blocked() {
  const [others, setOthers] = useState<readonly string[]>([]);
  useEffect(() => {
    void windowsOpen().then((open) => {
      const here = open.indexOf(location.pathname);
      const known = open.filter((path, at) => at !== here && paths.includes(path));
      setOthers([...new Set(known.map((path) => placeOf(path)?.name ?? path))]);
    });
  }, []);
  const which =
    others.length === 0
      ? 'Vivid Acorn is open in another window or tab of this browser'
      : `Vivid Acorn is open in another window or tab of this browser, on ${others.join(' and on ')}`;
  return (
    <OpeningPage
      title="Another window is in the way"
      says={[
        `${which}, with an older version that holds your bench.`,
        'Close that window, or load it again: this one then goes on by itself. All that you did there is safe.',
      ]}
    >
      <KeepData />
    </OpeningPage>
  );
}

function Newer() {
  return (
    <OpeningPage
      title="This page is older than your bench"
      says={[
        'A newer version of Vivid Acorn has kept your bench, and this page is of an older one that cannot read it.',
        'Your bench is safe, and nothing of it is shown or changed here. Load the page again while there is a network.',
      ]}
    >
      <Reload />
      <KeepData />
    </OpeningPage>
  );
}

function LeftBehind() {
  const saving = useBenchState((state) => state.saving);
  const isSaved = saving.state === 'saved';
  return (
    <OpeningPage
      title="A newer version has your bench now"
      says={[
        'Vivid Acorn was opened in another window in a newer version, and this window let your bench go.',
        isSaved
          ? 'All that you did here is saved. Load the page again to go on.'
          : 'What you did last here could not be saved: write it to a file, then load the page again.',
      ]}
    >
      <Reload />
      {!isSaved && <WriteBench />}
    </OpeningPage>
  );
}

interface BadProps {
  readonly bad: BadRecord;
  readonly firstStart: FirstStart;
}

const partWords: Readonly<Record<BadRecord['part'], string>> = {
  gear: 'A piece of gear',
  loadouts: 'A kit',
  schemes: 'A scheme',
  lists: 'A list',
  versions: 'A version of a kit',
  rounds: 'A round',
  wants: 'A line of the restock list',
  trips: 'What was used on a trip',
  entries: 'What can be undone',
  about: 'What the bench says of itself',
};

/** One record keeps the whole from opening. */
function Bad({ bad, firstStart }: BadProps) {
  return (
    <OpeningPage
      title="One record of your bench cannot be read"
      says={[
        `${partWords[bad.part]}, “${bad.name}”, is not as it should be. ${bad.why}`,
        'Everything is still there, as it was. Set aside, the record stays in the browser, out of the way, and the rest of the bench opens.',
      ]}
    >
      <Button variant="main" onClick={() => void setBadAside(firstStart, bad)}>
        Set it aside and open
      </Button>
      <Button onClick={() => void openAgain(firstStart)}>Try again</Button>
      <KeepData />
    </OpeningPage>
  );
}

function Failed({ why, firstStart }: { readonly why: string; readonly firstStart: FirstStart }) {
  return (
    <OpeningPage
      title="Your bench could not be opened"
      says={[
        why,
        'What the browser keeps of it is as it was. Without it nothing that you do here is kept.',
      ]}
    >
      <Button variant="main" onClick={() => void openAgain(firstStart)}>
        Try again
      </Button>
      <KeepData />
      <Button variant="bare" onClick={() => void openInMemory('nothing')}>
        Go on without it
      </Button>
    </OpeningPage>
  );
}
