'use client';

import { Box, Dialog, Flex, Portal, Text } from '@chakra-ui/react';
import { dialogSlotRecipe } from '@chakra-ui/react/theme';
import { useState } from 'react';
import { gearOf, newPlacement, type Command, type Placement } from '@/core/loadout';
import { jobs, type Gear, type JobId } from '@/core/gear';
import { handDownTo, type HandDownTo } from '@/core/judge/handing-down';
import { offersFor } from '@/core/scheme';
import { printMass } from '@/core/quantity';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { Choice } from '@/ui/fields/choice';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { startHandingDown, useSelection } from '@/ui/kit/selection';
import { perform } from '@/ui/notice/notice';

/** A better piece takes the place of one, and that one goes down to a backup kit. */
export function HandDownDialog() {
  const view = useKitView();
  const handingDown = useSelection((selection) => selection.handingDown);
  const placement = handingDown === null ? undefined : view?.tree.byId.get(handingDown);
  return (
    <Dialog.Root
      recipe={dialogSlotRecipe}
      open={placement !== undefined}
      onOpenChange={({ open }) => !open && startHandingDown(null)}
      placement="top"
      lazyMount
      unmountOnExit
    >
      <Portal>
        <Dialog.Backdrop bg="scrim" />
        <Dialog.Positioner>
          <Dialog.Content width="min(560px, 94vw)" borderRadius="16px">
            {view && placement && <HandDown view={view} placement={placement} />}
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

interface HandDownProps {
  readonly view: KitView;
  readonly placement: Placement;
}

const nobody = '';

function HandDown({ view: { bench, loadout, units, kit: table }, placement }: HandDownProps) {
  const gear = gearOf(bench.shelf, placement);
  const [others] = useState(() => handDownTo(bench, loadout, gear, table.day));
  const successors = offersFor(bench, mainJobsOf(gear)).filter(
    (offer) => offer.gear.id !== gear.id,
  );
  const [to, setTo] = useState(others[0]?.kit.id ?? '');
  const [successor, setSuccessor] = useState(successors[0]?.gear.id ?? nobody);
  const kit = bench.loadouts.get(to);
  const lack = others.find((each) => each.kit.id === to);

  function handDown(): void {
    if (!kit) return;
    const { id, count } = placement;
    const better = bench.shelf.get(successor);
    const commands: readonly Command[] = [
      better
        ? { do: 'stand in', loadout: loadout.id, placement: id, gear: better.id }
        : { do: 'take out', loadout: loadout.id, placement: id, contents: 'to the mat' },
      { do: 'change gear', id: gear.id, change: { tier: 'backup' } },
      {
        do: 'place',
        loadout: kit.id,
        placement: newPlacement(newId(), gear.id, { on: 'mat' }, count),
      },
    ];
    const said = `${gear.name} went down to ${kit.name}${better ? `; ${better.name} is in its place` : ''}.`;
    if (perform({ do: 'together', label: `hand down ${gear.name}`, commands }, said)) {
      startHandingDown(null);
    }
  }

  return (
    <>
      <Dialog.Header paddingBottom="2">
        <Dialog.Title fontFamily="heading">Hand {gear.name} down</Dialog.Title>
      </Dialog.Header>
      <Dialog.Body>
        <Flex direction="column" gap="3">
          <Choice
            label="To which kit"
            value={to}
            options={others.map((each) => [each.kit.id, each.kit.name] as const)}
            onChange={setTo}
          />
          {lack && (
            <Text fontSize="sm" role="status">
              {lackInWords(lack)}
            </Text>
          )}
          <Choice
            label="What takes its place here"
            value={successor}
            options={[
              ...successors.map(
                (offer) =>
                  [
                    offer.gear.id,
                    `${offer.gear.name}${offer.gear.massG === null ? '' : `, ${printMass(offer.gear.massG, units)}`}`,
                  ] as const,
              ),
              [nobody, 'nothing'],
            ]}
            onChange={setSuccessor}
          />
          <Text fontSize="sm" color="fg.muted">
            It is laid on the mat of {kit?.name ?? 'that kit'}, marked as a backup.
            {successors.length === 0 && ' The shelf has nothing free that does the same.'}
          </Text>
        </Flex>
      </Dialog.Body>
      <Dialog.Footer>
        <Box flex="1" />
        <Button variant="bare" onClick={() => startHandingDown(null)}>
          Leave it
        </Button>
        <Button variant="main" disabled={!kit} onClick={handDown}>
          Hand it down
        </Button>
      </Dialog.Footer>
    </>
  );
}

/** What a piece is made for; all that it does where it is made for nothing. */
function mainJobsOf({ supplies }: Gear): readonly JobId[] {
  const madeFor = supplies.filter(({ fitness }) => fitness === 'made-for');
  return (madeFor.length > 0 ? madeFor : supplies).map(({ job }) => job);
}

function lackInWords({ kit, job, ways, wanted }: HandDownTo): string {
  if (job === null) return `${kit.name} has enough of all that it does.`;
  const does = `“${jobs[job].name}”`;
  return ways === 0
    ? `Nothing in ${kit.name} does ${does}: it lacks it most there.`
    : `${kit.name} has ${ways} of ${wanted} ways for ${does}.`;
}
