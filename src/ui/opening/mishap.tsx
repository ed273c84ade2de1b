'use client';

import { kitsByName } from '@/core/loadout';
import { undo, useBenchState, useUndoLabels } from '@/store/bench';
import { prefer } from '@/store/preferences';
import { Button } from '../fields/button';
import { Select } from '../fields/select';
import { CopyError } from './copy-error';
import { KeepData } from './keep-data';
import { OpeningPage } from './page';
import { WriteBench } from './write-bench';

interface MishapProps {
  readonly error: unknown;
  readonly onRetry: () => void;
}

/** Stands where a page failed: the bench is safe, and can be written, undone or left for another kit. */
export function Mishap({ error, onRetry }: MishapProps) {
  const { saving, history } = useBenchState();
  const { undo: undoLabel } = useUndoLabels();
  const kits = kitsByName(history.bench);
  return (
    <OpeningPage
      title="This page could not be shown"
      says={[
        'Something went wrong in the program while it was drawn.',
        saving.state === 'saved'
          ? 'Your bench is safe: all that you did is saved.'
          : 'Your bench is as it was; what you did last is not saved yet: write it to a file.',
      ]}
    >
      <Button variant="main" onClick={onRetry}>
        Try again
      </Button>
      {undoLabel !== null && (
        <Button
          onClick={() => {
            undo();
            onRetry();
          }}
        >
          Undo: {undoLabel.slice(0, 60)}
        </Button>
      )}
      <WriteBench />
      <KeepData />
      <CopyError error={error} />
      {kits.length > 1 && (
        <Select
          aria-label="Take another kit"
          value=""
          onChange={(event) => {
            prefer({ kit: event.target.value });
            onRetry();
          }}
        >
          <option value="" disabled>
            Take another kit…
          </option>
          {kits.slice(0, 200).map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Select>
      )}
    </OpeningPage>
  );
}
