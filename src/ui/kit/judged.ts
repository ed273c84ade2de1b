import { startTransition, useEffect, useMemo, useRef, useState } from 'react';
import type { Finding } from '@/core/judge';
import type { WorkedOutKit } from '@/core/kit';
import type { SetAside } from '@/core/loadout';
import type { UnitSystem } from '@/core/quantity';
import type { Scheme } from '@/core/scheme';
import type { Judge } from './judge';
import { stepped } from './stepped';

/** A finding with its sentence in this person’s units. */
export interface ToldFinding extends Finding {
  readonly message: string;
  /** The same in a few words. */
  readonly headline: string;
  readonly parts?: readonly ToldFinding[];
}

/** Each finding by itself: of one that only gathers others, those. */
export function eachOf(findings: readonly ToldFinding[]): readonly ToldFinding[] {
  return findings.flatMap((finding) => (isGathered(finding) ? finding.parts! : [finding]));
}

function isGathered({ figures, parts }: ToldFinding): boolean {
  return (
    parts !== undefined && typeof figures === 'object' && figures !== null && 'parts' in figures
  );
}

/** A finding that its owner lets be, and what was said of it. */
export type LetBe = ToldFinding & { readonly as: SetAside };

/** What the rules say of a kit. */
export interface Judged {
  /** None until {@link isJudged}; a moment after an edit still those of before it. What their owner lets be is left out. */
  readonly findings: readonly ToldFinding[];
  /** What is let be, while its facts are the same. */
  readonly letBe: readonly LetBe[];
  readonly isJudged: boolean;
  /** The kit as it was judged: that of before an edit, until the rules have followed. */
  readonly judged: WorkedOutKit;
}

/** A kit as it is to be judged. */
export interface ToJudge {
  readonly kit: WorkedOutKit;
  readonly scheme: Scheme;
  readonly units: UnitSystem;
}

/** How long after an edit nothing else has to be changed before the rules are asked, in ms: no edit waits for them. */
const quietMs = 120;

/**
 * What the rules say of a kit. They follow a change a moment later, a few at a time, and begin anew where it is changed again;
 * until then it is what they said last, and nothing where that was of another kit.
 */
export function useJudged(judge: Judge | null, of: ToJudge | null): Judged | null {
  const [last, setLast] = useState<Judged | null>(null);
  const kitJudged = useRef<string | null>(null);
  const none = useMemo(() => of && unjudged(of.kit), [of]);
  useEffect(() => {
    if (judge === null || of === null) return undefined;
    const { kit, scheme } = of;
    return stepped(judge.judgingOf(kit, scheme), {
      waitMs: kitJudged.current === kit.own.id ? quietMs : 0,
      onDone: (found) => {
        const judged = divided(judge, of, found);
        kitJudged.current = kit.own.id;
        startTransition(() => setLast(judged));
      },
    });
  }, [judge, of]);
  return last !== null && last.judged.own.id === of?.kit.own.id ? last : none;
}

/** What the rules say of a kit at once. */
export function judgedBy(judge: Judge | null, of: ToJudge): Judged {
  return judge === null
    ? unjudged(of.kit)
    : divided(judge, of, judge.findingsOf(of.kit, of.scheme));
}

function divided(judge: Judge, { kit, units }: ToJudge, all: readonly Finding[]): Judged {
  const inWords = ({ parts, ...finding }: Finding): ToldFinding => ({
    ...finding,
    ...(parts && { parts: parts.map(inWords) }),
    message: judge.findingInWords(finding, kit, units),
    headline: judge.headlineOf(finding, kit, units),
  });
  const { open, letBe } = judge.dividedBy(kit.own, all);
  return {
    findings: open.map(inWords),
    letBe: letBe.map((each) => ({ ...inWords(each), as: each.as })),
    isJudged: true,
    judged: kit,
  };
}

function unjudged(kit: WorkedOutKit): Judged {
  return { findings: [], letBe: [], isJudged: false, judged: kit };
}
