'use client';

import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { memo } from 'react';
import { isOfModule, gearOf, moduleOf, type Placement } from '@/core/loadout';
import { prefer } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { eachOf } from '@/ui/kit/judged';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { select, useSelection } from '@/ui/kit/selection';
import { GearPhoto } from '@/ui/photo/gear-photo';
import { PieceActions } from './piece-actions';
import { PieceAway } from './piece-away';
import { PieceBooking } from './piece-booking';
import { PieceCare } from './piece-care';
import { PieceChecks } from './piece-checks';
import { PieceContents } from './piece-contents';
import { PieceCouplings } from './piece-couplings';
import { PieceFigures } from './piece-figures';
import { PieceLane } from './piece-lane';
import { PieceLots } from './piece-lots';
import { PieceSupplies } from './piece-supplies';
import { SidePanel } from './side-panel';

/** Tells about the selected piece, and what can be done with it. Nothing while none is selected. */
export function PiecePanel() {
  const view = useKitView();
  const selected = useSelection(({ placement }) => placement);
  const placement = selected === null ? undefined : view?.tree.byId.get(selected);
  if (!view || !placement) return null;
  return (
    <SidePanel label="Selected piece" onLetGo={() => select(null)}>
      <PieceDetails key={placement.id} view={view} placement={placement} />
    </SidePanel>
  );
}

function PieceDetails({
  view,
  placement,
}: {
  readonly view: KitView;
  readonly placement: Placement;
}) {
  const gear = gearOf(view.bench.shelf, placement);
  const piece = { view, placement, gear };
  const own = eachOf(view.findings).filter(
    ({ severity, about }) => severity !== 'note' && about.includes(placement.id),
  );
  return (
    <Flex direction="column" gap="3">
      <Flex justify="space-between" align="flex-start" gap="2">
        {gear.photo !== null && <GearPhoto id={gear.photo} look={gear.look} size={56} />}
        <Box flex="1">
          <Heading as="h2" fontSize="lg" lineHeight="1.2">
            {gear.name}
            {placement.count > 1 && ` × ${placement.count}`}
          </Heading>
          <Text fontSize="sm" color="fg.muted">
            {gear.lentTo === null ? gear.ownership : `lent to ${gear.lentTo}`},{' '}
            {gear.massG === null ? 'not weighed' : `mass ${gear.massTrust}`}
          </Text>
        </Box>
        <LetGo />
      </Flex>
      {own.map(({ rule, message }) => (
        <Text key={rule + message} padding="2" borderRadius="8px" bg="signal.soft" fontSize="sm">
          ▲ {message}
        </Text>
      ))}
      {own.some(({ rule }) => rule === 'keep/double') && <PieceBooking {...piece} />}
      {isOfModule(placement.id) ? <Along {...piece} /> : <PieceActions {...piece} />}
      <PieceFigures {...piece} />
      {gear.contents !== null && !isOfModule(placement.id) && <PieceContents {...piece} />}
      <PieceSupplies {...piece} />
      {!isOfModule(placement.id) && <PieceLane {...piece} />}
      <PieceCouplings {...piece} />
      {!isOfModule(placement.id) && <PieceChecks gear={gear} today={view.kit.day} />}
      {!isOfModule(placement.id) && <PieceLots {...piece} />}
      {!isOfModule(placement.id) && <PieceAway {...piece} />}
      <PieceCare gear={gear} />
      {gear.note !== '' && <Text fontSize="sm">{gear.note}</Text>}
    </Flex>
  );
}

const LetGo = memo(function LetGo() {
  return (
    <Button
      size="icon"
      variant="bare"
      aria-label="Let go of this piece"
      onClick={() => select(null)}
    >
      <X size={18} aria-hidden />
    </Button>
  );
});

/** A piece of a kit that goes along in this one is changed where it belongs. */
function Along({
  view: { bench, own },
  placement,
}: {
  readonly view: KitView;
  readonly placement: Placement;
}) {
  const along = own.modules.find(({ id }) => id === moduleOf(placement.id));
  const kit = along && bench.loadouts.get(along.kit);
  if (!kit) return null;
  return (
    <Box fontSize="sm">
      <Text>It goes along in {kit.name}, and is moved or taken out there.</Text>
      <Button marginTop="2" onClick={() => prefer({ kit: kit.id })}>
        Open {kit.name}
      </Button>
    </Box>
  );
}
