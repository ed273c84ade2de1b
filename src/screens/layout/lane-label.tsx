'use client';

import { memo, useRef, useState } from 'react';
import { jobs, jobsInWords } from '@/core/gear';
import type { CategoryCover, MustCover, Standing } from '@/core/scheme';
import { usePreferences } from '@/store/preferences';
import { amountInWords } from '@/core/gear/amount-in-words';
import { FigurePopover, moodColours } from '@/ui/shell/figure';
import { useEver } from '@/ui/shell/use-ever';
import { later } from '@/ui/late/later';
import styles from './lane.module.css';

const signs: Readonly<Record<Standing, string>> = {
  missing: moodColours.stop.sign,
  thin: moodColours.watch.sign,
  covered: moodColours.fine.sign,
};

interface LaneLabelProps {
  readonly cover: CategoryCover;
}

/** A lane's name with its letter, and what it can do: ways, and ways that are independent. */
export const LaneLabel = memo(function LaneLabel({ cover }: LaneLabelProps) {
  const { units } = usePreferences();
  const { category, musts } = cover;
  const amounts = cover.jobs.filter(({ amount }) => amount !== null);
  return (
    <div className={styles.label}>
      <div className={styles.title}>
        <span className={styles.mark} aria-hidden>
          {category.mark}
        </span>
        <h2 className={styles.name}>{category.name}</h2>
      </div>
      <div className={styles.musts}>
        {musts.map((must) => (
          <MustLabel key={must.anyOf.join()} must={must} />
        ))}
        {amounts.slice(0, 3).map((job) => (
          <p key={job.job} className={styles.muted}>
            {jobs[job.job].name} {amountInWords(job.job, job.amount!, units)}
          </p>
        ))}
      </div>
    </div>
  );
}, saysTheSame);

const WhatUndoes = later(() => import('@/ui/kit/what-undoes').then((module) => module.WhatUndoes));

/** Ways, and ways that are independent; pressed, which losses it takes to leave it undone. */
function MustLabel({ must }: { readonly must: MustCover }) {
  const button = useRef<HTMLButtonElement>(null);
  const [isOpen, setIsOpen] = useState(false);
  const wasOpen = useEver(isOpen);
  const name = jobsInWords(must.anyOf);
  return (
    <div>
      <span className={styles.ways}>
        {name}: {must.ways} {must.ways === 1 ? 'way' : 'ways'}
        {must.untried > 0 && `, ${must.untried === must.ways ? '' : `${must.untried} `}untried`}
      </span>{' '}
      <button
        ref={button}
        type="button"
        className={styles.independent}
        data-standing={must.standing}
        aria-expanded={isOpen}
        onClick={() => setIsOpen(!isOpen)}
      >
        {signs[must.standing]} {must.independent}
        {must.independent < must.wanted && ` of ${must.wanted}`} independent
      </button>
      {wasOpen && (
        <FigurePopover name={name} anchor={button} isOpen={isOpen} onClose={() => setIsOpen(false)}>
          <WhatUndoes anyOf={must.anyOf} wanted={must.wanted} />
        </FigurePopover>
      )}
    </div>
  );
}

/** Every edit works the cover out anew; the label is drawn again only when it would say something else. */
function saysTheSame(one: LaneLabelProps, other: LaneLabelProps): boolean {
  return laneSays(one.cover) === laneSays(other.cover);
}

/** All that a lane’s label says, as one text. */
export function laneSays({ category, musts, jobs: done }: CategoryCover): string {
  return JSON.stringify([category.id, musts, done.map(({ job, amount }) => [job, amount])]);
}
