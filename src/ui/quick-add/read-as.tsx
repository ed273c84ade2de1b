import { KindChoices } from './kind-choices';
import { Understood } from './understood';
import type { Line } from './use-line';

/** What a line is read as, and above it what else it may be. */
export function ReadAs({ line }: { readonly line: Line }) {
  return (
    <>
      {line.isOpen && <KindChoices line={line} />}
      <Understood line={line} />
    </>
  );
}
