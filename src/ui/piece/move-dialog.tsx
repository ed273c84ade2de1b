'use client';

import { Dialog, Portal } from '@chakra-ui/react';
import { gearOf, type Placement } from '@/core/loadout';
import { PickList, type Choice } from '@/ui/fields/pick-list';
import { fitInWords } from '@/ui/kit/fit-in-words';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { placeInWords } from '@/ui/kit/place-in-words';
import { isTooSmall, openPlaces, placeKey, type OpenPlace } from '@/ui/kit/places-for';
import { select, startMoving, useSelection } from '@/ui/kit/selection';
import { perform } from '@/ui/notice/notice';

/** Chooses a new place for a piece from the keyboard, each place with how it would fit there. */
export function MoveDialog() {
  const view = useKitView();
  const moving = useSelection((selection) => selection.moving);
  const placement = moving === null ? undefined : view?.tree.byId.get(moving);
  return (
    <Dialog.Root
      open={placement !== undefined}
      onOpenChange={({ open }) => !open && startMoving(null)}
      placement="top"
      lazyMount
      unmountOnExit
    >
      <Portal>
        <Dialog.Backdrop bg="scrim" />
        <Dialog.Positioner>
          <Dialog.Content width="min(600px, 94vw)" borderRadius="16px">
            {view && placement && <Places view={view} placement={placement} />}
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

function Places({ view, placement }: { readonly view: KitView; readonly placement: Placement }) {
  const { bench, tree, loadout } = view;
  const { name } = gearOf(bench.shelf, placement);
  const places = openPlaces(view, placement);
  return (
    <>
      <Dialog.Header paddingBottom="2">
        <Dialog.Title fontFamily="heading">Move {name}</Dialog.Title>
      </Dialog.Header>
      <Dialog.Body paddingTop="0">
        <PickList
          label={`New place for ${name}`}
          placeholder={`Now ${placeInWords(bench.shelf, tree, placement.place)}. Where to?`}
          choices={places.map((open) => choiceOf(view, open))}
          mostShown={60}
          onPick={(key) => {
            const to = places.find(({ place }) => placeKey(place) === key)!.place;
            startMoving(null);
            const said = `${name} moved: ${placeInWords(bench.shelf, tree, to)}.`;
            perform({ do: 'move', loadout: loadout.id, placement: placement.id, to }, said);
            select(placement.id);
          }}
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

function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
