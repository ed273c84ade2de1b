'use client';

import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { Copy, Pencil, Trash2, X } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { isInPart } from '@/core/catalogue/find-gear';
import type { Gear } from '@/core/gear';
import { newPlacement, type Bench, type Loadout } from '@/core/loadout';
import { isUntried } from '@/core/upkeep';
import { newId } from '@/store/new-id';
import { prefer } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { TextLink } from '@/ui/fields/text-link';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import { select, startEditing } from '@/ui/kit/selection';
import { perform } from '@/ui/notice/notice';
import { GearPhoto } from '@/ui/photo/gear-photo';
import { SidePanel } from '@/ui/piece/side-panel';
import { Figures, kitsOf, Placed, Standings } from './gear-row';

interface GearPanelProps {
  readonly gear: Gear;
  /** How many are placed, by kit. */
  readonly placed: ReadonlyMap<string, number>;
  readonly bench: Bench;
  /** The kit on the table. */
  readonly layIn: Loadout | null;
  readonly onChoose: (gear: string | null) => void;
}

/** Tells about the chosen line of the shelf, and what can be done with it. */
export function GearPanel({ gear, placed, bench, layIn, onChoose }: GearPanelProps) {
  const kits = kitsOf(placed, bench);
  return (
    <SidePanel label="Chosen gear" onLetGo={() => onChoose(null)}>
      <Flex direction="column" gap="3">
        <Flex justify="space-between" align="flex-start" gap="2">
          {gear.photo === null ? (
            <GearIcon look={gear.look} size={44} />
          ) : (
            <GearPhoto id={gear.photo} look={gear.look} size={56} />
          )}
          <Box flex="1">
            <Heading as="h2" fontSize="lg" lineHeight="1.2">
              {gear.name}
              {gear.count !== 1 && ` × ${gear.count}`}
            </Heading>
            <Box marginLeft="-2">
              <Standings gear={gear} />
            </Box>
          </Box>
          <Button
            size="icon"
            variant="bare"
            aria-label="Let go of this piece"
            onClick={() => onChoose(null)}
          >
            <X size={18} aria-hidden />
          </Button>
        </Flex>
        <Box fontSize="sm">
          <Figures gear={gear} bench={bench} />
          <Placed gear={gear} placed={placed} bench={bench} />
        </Box>
        <WaitsFor gear={gear} />
        <Flex gap="2" wrap="wrap">
          <LayOut gear={gear} layIn={layIn} />
          <Button aria-label={`Change ${gear.name}`} onClick={() => startEditing(gear.id)}>
            <Pencil size={16} aria-hidden /> Change…
          </Button>
          <Button
            aria-label={`Another ${gear.name}`}
            title="Another like it, as a line of its own"
            onClick={() => {
              const id = newId();
              const another: Gear = { ...gear, id };
              if (perform({ do: 'add gear', gear: [another] }, `Another ${gear.name}.`))
                onChoose(id);
            }}
          >
            <Copy size={16} aria-hidden /> Another
          </Button>
          <Button
            aria-label={`Remove ${gear.name}`}
            onClick={() => {
              onChoose(null);
              perform(
                { do: 'remove gear', id: gear.id },
                kits.length > 0
                  ? `${gear.name} removed, also from ${kits.join(', ')}.`
                  : `${gear.name} removed.`,
              );
            }}
          >
            <Trash2 size={16} aria-hidden /> Remove
          </Button>
        </Flex>
        <InKits gear={gear} placed={placed} bench={bench} />
        {gear.note !== '' && <Text fontSize="sm">{gear.note}</Text>}
      </Flex>
    </SidePanel>
  );
}

/** What a piece waits for, each with the way to where that is done. */
function WaitsFor({ gear }: { readonly gear: Gear }) {
  const isThere = gear.ownership !== 'wished' && gear.lentTo === null;
  return (
    <Flex as="ul" direction="column" listStyleType="none" fontSize="sm">
      {gear.ownership === 'wished' && (
        <li>
          To buy: on the <TextLink href="/keep/restock">restock list</TextLink>.
        </li>
      )}
      {gear.form === null && <li>To measure: without a size nothing says where it goes in.</li>}
      {isThere && isInPart(gear, 'not weighed', 0) && (
        <li>
          To weigh: <TextLink href="/shelf/weigh">weigh in</TextLink>.
        </li>
      )}
      {isThere && isUntried(gear) && <li>To try: how, its panel in a kit says.</li>}
    </Flex>
  );
}

function LayOut({ gear, layIn }: Pick<GearPanelProps, 'gear' | 'layIn'>) {
  if (!layIn) return null;
  return (
    <Button
      variant="main"
      aria-label={`Lay ${gear.name} out in ${layIn.name}`}
      onClick={() =>
        perform(
          {
            do: 'place',
            loadout: layIn.id,
            placement: newPlacement(newId(), gear.id, { on: 'mat' }),
          },
          `${gear.name} laid on the mat of ${layIn.name}.`,
        )
      }
    >
      Lay out in {layIn.name}
    </Button>
  );
}

/** The way to a piece in each kit that it is in. */
function InKits({ gear, placed, bench }: Pick<GearPanelProps, 'gear' | 'placed' | 'bench'>) {
  const router = useRouter();
  return (
    <Flex gap="2" wrap="wrap">
      {[...placed.keys()].map((kit) => {
        const { name, placements } = bench.loadouts.get(kit)!;
        const there = placements.find((placement) => placement.gear === gear.id);
        return (
          <Button
            key={kit}
            size="sm"
            variant="bare"
            textDecoration="underline"
            onClick={() => {
              prefer({ kit });
              select(there?.id ?? null);
              router.push('/layout');
            }}
          >
            See it in {name}
          </Button>
        );
      })}
    </Flex>
  );
}
