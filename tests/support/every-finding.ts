import { findingsOf, type Finding } from '@/core/judge';
import type { WorkedOutKit } from '@/core/kit';

/** What is found in a kit, with what is told as part of it. */
export function everyFinding(kit: WorkedOutKit): readonly Finding[] {
  return findingsOf(kit).flatMap(withItsParts);
}

function withItsParts(finding: Finding): readonly Finding[] {
  return [finding, ...(finding.parts ?? []).flatMap(withItsParts)];
}
