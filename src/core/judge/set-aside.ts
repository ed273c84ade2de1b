import type { Loadout, SetAside } from '../loadout';
import type { Finding } from './finding';
import { withPartsLeft } from './telling/told';

/**
 * What stands for the facts that a finding was found by, in a few letters: the same while nothing of them changes. Figures are
 * taken as they are kept, so that a gram more is another fact.
 */
export function factsOf({ rule, severity, of, about, figures }: Finding): string {
  const text = JSON.stringify([rule, severity, of, [...about].sort(), figures]);
  // Two rounds of FNV-1a over 32 bits, with a seed each: enough to tell the few hundred findings of a kit apart.
  const round = (seed: number) => {
    let hash = seed;
    for (let at = 0; at < text.length; at += 1) {
      hash ^= text.charCodeAt(at);
      hash = Math.imul(hash, 0x01000193) >>> 0;
    }
    return hash.toString(36);
  };
  return `${round(0x811c9dc5)}${round(0x9747b28c)}`;
}

/** A finding that its owner lets be, and what was said of it. */
export type LetBeFinding = Finding & { readonly as: SetAside };

/**
 * Findings that are to be looked at, and those that their owner lets be while their facts are the same: whole ones, and parts of them.
 */
export function dividedBy(
  { setAside = [] }: Pick<Loadout, 'setAside'>,
  findings: readonly Finding[],
): { readonly open: readonly Finding[]; readonly letBe: readonly LetBeFinding[] } {
  if (setAside.length === 0) return { open: findings, letBe: [] };
  const open: Finding[] = [];
  const letBe: LetBeFinding[] = [];
  const asideOf = (finding: Finding) => {
    const facts = factsOf(finding);
    return setAside.find((each) => each.rule === finding.rule && each.facts === facts);
  };
  for (const finding of findings) {
    const as = asideOf(finding);
    if (as) {
      letBe.push({ ...finding, as });
      continue;
    }
    const left = (finding.parts ?? []).filter((part) => {
      const aside = asideOf(part);
      if (aside) letBe.push({ ...part, as: aside });
      return !aside;
    });
    const rest = withPartsLeft(finding, left);
    if (rest !== null) open.push(rest);
  }
  return { open, letBe };
}

/** What a kit lets be with one finding more. What no finding stands for any more is forgotten with it. */
export function withSetAside(
  { setAside = [] }: Pick<Loadout, 'setAside'>,
  all: readonly Finding[],
  finding: Finding,
  { note, on }: Pick<SetAside, 'note' | 'on'>,
): readonly SetAside[] {
  const there = new Set(all.flatMap((each) => [each, ...(each.parts ?? [])]).map(factsOf));
  const facts = factsOf(finding);
  return [
    ...setAside.filter((each) => there.has(each.facts) && each.facts !== facts),
    { rule: finding.rule, facts, note, on },
  ];
}
