'use client';

import { Box, Dialog, Flex, Portal } from '@chakra-ui/react';
import { dialogSlotRecipe } from '@chakra-ui/react/theme';
import { useTheme } from 'next-themes';
import { useRouter } from 'next/navigation';
import { gearOf, kitsByName } from '@/core/loadout';
import { schemesOf } from '@/core/scheme';
import { redo, undo, useBench, useUndoLabels } from '@/store/bench';
import { prefer, usePreferences } from '@/store/preferences';
import { PickList } from '@/ui/fields/pick-list';
import { useKitView } from '@/ui/kit/kit-view';
import { beginPacking } from '@/ui/kit/packing';
import { placeInWords } from '@/ui/kit/place-in-words';
import { select, startMoving } from '@/ui/kit/selection';
import { closePalette, usePalette } from './palette-state';
import { places, subPlaces } from './places';
import { shortcuts } from './shortcuts';

interface PaletteCommand {
  readonly name: string;
  readonly run: () => void;
}

/** Everything that can be done from anywhere, found by typing. */
export function CommandPalette() {
  const { isOpen } = usePalette();
  const commands = useCommands();
  return (
    <Dialog.Root
      recipe={dialogSlotRecipe}
      open={isOpen}
      onOpenChange={({ open }) => !open && closePalette()}
      placement="top"
      lazyMount
      unmountOnExit
    >
      <Portal>
        <Dialog.Backdrop bg="scrim" />
        <Dialog.Positioner>
          <Dialog.Content
            data-has-list=""
            width="min(560px, 94vw)"
            aria-label="All commands"
            borderRadius="16px"
          >
            <Dialog.Body padding="3">
              <PickList
                label="Command"
                placeholder="Go to, switch, move a piece…"
                choices={commands.map(({ name }) => ({ key: name, name }))}
                mostShown={12}
                onPick={(picked) => {
                  closePalette();
                  commands.find(({ name }) => name === picked)?.run();
                }}
                foot={<Shortcuts />}
              />
            </Dialog.Body>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

function Shortcuts() {
  return (
    <Flex
      as="dl"
      wrap="wrap"
      gap="2"
      rowGap="1"
      marginTop="3"
      fontSize="xs"
      color="fg.muted"
      aria-label="Shortcuts"
    >
      {shortcuts.map(([keys, does]) => (
        <Flex key={keys} gap="1">
          <Box as="dt" fontWeight="700" borderWidth="1px" borderRadius="4px" paddingX="1">
            {keys}
          </Box>
          <dd>{does}</dd>
        </Flex>
      ))}
    </Flex>
  );
}

function useCommands(): readonly PaletteCommand[] {
  const router = useRouter();
  const bench = useBench();
  const view = useKitView();
  const labels = useUndoLabels();
  const { setTheme } = useTheme();
  const { units } = usePreferences();
  const pieces = view?.own.placements ?? [];
  return [
    ...places.map(({ name, path }) => ({ name: `Go to ${name}`, run: () => router.push(path) })),
    ...places.flatMap(({ name, path: place }) =>
      (subPlaces[place] ?? []).slice(1).map((sub) => ({
        name: `Go to ${name}: ${sub.name}`,
        run: () => router.push(sub.path),
      })),
    ),
    ...(labels.undo === null ? [] : [{ name: `Undo: ${labels.undo}`, run: () => void undo() }]),
    ...(labels.redo === null ? [] : [{ name: `Redo: ${labels.redo}`, run: () => void redo() }]),
    ...schemesOf(bench).map(({ id, name }) => ({
      name: `Scheme: ${name}`,
      run: () => prefer({ scheme: id }),
    })),
    ...kitsByName(bench).map(({ id, name }) => ({
      name: `Open kit: ${name}`,
      run: () => prefer({ kit: id }),
    })),
    {
      name: units === 'metric' ? 'Units: ounces and inches' : 'Units: grams and millimetres',
      run: () => prefer({ units: units === 'metric' ? 'us' : 'metric' }),
    },
    ...(view && pieces.length > 0
      ? (['now', 'nothing'] as const).map((from) => ({
          name: from === 'now' ? 'Pack what lies about' : 'Pack all of the kit anew',
          run: () => {
            void beginPacking(view.own.id, from);
            router.push('/stow');
          },
        }))
      : []),
    { name: 'Look: light', run: () => setTheme('light') },
    { name: 'Look: dark', run: () => setTheme('dark') },
    { name: 'Look: as the system has it', run: () => setTheme('system') },
    ...pieces.map((placement) => ({
      name: `Move ${gearOf(bench.shelf, placement).name}, ${placeInWords(bench.shelf, view!.tree, placement.place)}`,
      run: () => {
        select(placement.id);
        startMoving(placement.id);
      },
    })),
  ];
}
