'use client';

import { Dialog, Portal } from '@chakra-ui/react';
import { dialogSlotRecipe } from '@chakra-ui/react/theme';
import { useEffect } from 'react';
import { capital } from '@/core/gear';
import { gearOf, type Place, type Placement } from '@/core/loadout';
import { PickList, type Choice } from '@/ui/fields/pick-list';
import { fitInWords } from '@/ui/kit/fit-in-words';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { placeInWords } from '@/ui/kit/place-in-words';
import { isTooSmall, openPlaces, placeKey, type OpenPlace } from '@/core/kit/open-places';
import { letGo, select, startMoving, useSelection } from '@/ui/kit/selection';
import { perform } from '@/ui/notice/notice';

/** Chooses a new place for pieces from the keyboard, each place with how it would fit there. */
export function MoveDialog() {
  const view = useKitView();
  const moving = useSelection((selection) => selection.moving);
  const placements = moving.flatMap((id) => view?.tree.byId.get(id) ?? []);
  // What was to be moved is gone meanwhile: nothing waits for the keys any more.
  const isGone = view !== null && moving.length > 0 && placements.length === 0;
  useEffect(() => {
    if (isGone) startMoving();
  }, [isGone]);
  return (
    <Dialog.Root
      recipe={dialogSlotRecipe}
      open={placements.length > 0}
      onOpenChange={({ open }) => !open && startMoving()}
      placement="top"
      lazyMount
      unmountOnExit
    >
      <Portal>
        <Dialog.Backdrop bg="scrim" />
        <Dialog.Positioner>
          <Dialog.Content data-has-list="" width="min(600px, 94vw)" borderRadius="16px">
            {view && placements.length > 0 && <Places view={view} placements={placements} />}
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

interface PlacesProps {
  readonly view: KitView;
  readonly placements: readonly Placement[];
}

function Places({ view, placements }: PlacesProps) {
  const { bench, tree, loadout } = view;
  const [first] = placements;
  const isOne = placements.length === 1;
  const name = isOne ? gearOf(bench.shelf, first!).name : `${placements.length} pieces`;
  const places = openPlaces(view.kit, placements);
  function putInto(to: Place): void {
    startMoving();
    const commands = placements.map(
      ({ id }) => ({ do: 'move', loadout: loadout.id, placement: id, to }) as const,
    );
    const said = `${name} moved: ${placeInWords(bench.shelf, tree, to)}.`;
    perform(isOne ? commands[0]! : { do: 'together', label: `move ${name}`, commands }, said);
    if (isOne) select(first!.id);
    else letGo();
  }
  return (
    <>
      <Dialog.Header paddingBottom="2">
        <Dialog.Title fontFamily="heading">Move {name}</Dialog.Title>
      </Dialog.Header>
      <Dialog.Body paddingTop="0">
        <PickList
          label={`New place for ${name}`}
          placeholder={
            isOne
              ? `Now ${placeInWords(bench.shelf, tree, first!.place)}. Where to?`
              : 'Where to, all of them?'
          }
          choices={places.map((open) => choiceOf(view, open))}
          mostShown={60}
          onPick={(key) => putInto(places.find(({ place }) => placeKey(place) === key)!.place)}
        />
      </Dialog.Body>
    </>
  );
}

function choiceOf({ bench, tree, units }: KitView, open: OpenPlace): Choice {
  const { place, answer } = open;
  return {
    key: placeKey(place),
    name: capital(placeInWords(bench.shelf, tree, place)),
    ...(answer && {
      detail: fitInWords(answer, units),
      isAlarming: isTooSmall(open),
    }),
  };
}
