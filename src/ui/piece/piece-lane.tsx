import { jobs, type JobId } from '@/core/gear';
import { Choice } from '@/ui/fields/choice';
import { perform } from '@/ui/notice/notice';
import type { PieceProps } from './piece';

/** Which of its jobs a piece is in this kit for: that is the lane it lies in. */
export function PieceLane({ view, placement, gear }: PieceProps) {
  if (gear.supplies.length < 2) return null;
  return (
    <Choice<JobId | ''>
      label="In this kit for"
      value={placement.laidFor ?? ''}
      options={[
        ['', 'what it is best at'],
        ...gear.supplies.map(({ job }) => [job, jobs[job].name] as const),
      ]}
      onChange={(job) =>
        perform(
          {
            do: 'lay for',
            loadout: view.loadout.id,
            placement: placement.id,
            job: job === '' ? null : job,
          },
          `${gear.name} lies in another lane.`,
        )
      }
    />
  );
}
