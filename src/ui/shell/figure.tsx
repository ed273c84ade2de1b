'use client';

import { memo, useCallback, useRef, useState, type ReactNode, type RefObject } from 'react';
import styles from './figure.module.css';
import { useEver } from './use-ever';
import { later } from '@/ui/late/later';

export type Mood = 'fine' | 'watch' | 'stop';

export interface FigureProps {
  readonly name: string;
  readonly value: string;
  readonly of?: string | undefined;
  readonly says: string;
  readonly mood: Mood;
  /** How full, from 0 to 1 and over; null draws no bar. */
  readonly share: number | null;
  /** How it is seen on a phone: whole, in one line, or not until it is asked for. */
  readonly onPhone: 'whole' | 'line' | 'hidden';
  /** How it was worked out. */
  readonly children: ReactNode;
}

export const moodColours = {
  fine: { text: 'leaf.fg', sign: '●' },
  watch: { text: 'amber.fg', sign: '▲' },
  stop: { text: 'signal.fg', sign: '■' },
} as const satisfies Record<Mood, object>;

export const FigurePopover = later(() =>
  import('./figure-popover').then((module) => module.FigurePopover),
);

/** One of the figures that are always in sight. Pressing it shows how it was worked out. */
export function Figure({ children, ...face }: FigureProps) {
  const button = useRef<HTMLButtonElement>(null);
  const [isOpen, setIsOpen] = useState(false);
  const wasOpen = useEver(isOpen);
  const toggle = useCallback(() => setIsOpen((before) => !before), []);
  return (
    <>
      <Face ref={button} {...face} isOpen={isOpen} onPress={toggle} />
      {wasOpen && (
        <FigurePopover
          name={face.name}
          anchor={button}
          isOpen={isOpen}
          onClose={() => setIsOpen(false)}
        >
          {children}
        </FigurePopover>
      )}
    </>
  );
}

interface FaceProps extends Omit<FigureProps, 'children'> {
  readonly ref: RefObject<HTMLButtonElement | null>;
  readonly isOpen: boolean;
  readonly onPress: () => void;
}

/** What is seen of a figure. It is drawn again only when it would say something else. */
const Face = memo(function Face(props: FaceProps) {
  const { ref, name, value, of, says, mood, share, onPhone, isOpen, onPress } = props;
  return (
    <button
      ref={ref}
      type="button"
      aria-haspopup="dialog"
      aria-expanded={isOpen}
      onClick={onPress}
      className={styles.face}
      data-figure={name}
      data-on-phone={onPhone}
      data-mood={mood}
    >
      <p className={styles.name}>{name}</p>
      <div className={styles.told}>
        <p className={styles.value}>{value}</p>
        {of && <p className={styles.of}>{of}</p>}
      </div>
      <p className={styles.says}>
        {mood !== 'fine' && `${moodColours[mood].sign} `}
        {says}
      </p>
      {share !== null && (
        <div className={styles.bar}>
          <div style={{ width: `${Math.min(100, share * 100)}%` }} />
        </div>
      )}
    </button>
  );
});
