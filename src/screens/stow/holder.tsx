'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { Eye } from 'lucide-react';
import NextLink from 'next/link';
import { printMass } from '@/core/quantity';
import { isHolder, roomMl, type Cavity } from '@/core/gear';
import { gearOf, type Placement } from '@/core/loadout';
import { fitInWords } from '@/ui/kit/fit-in-words';
import { isAmissIn } from '@/ui/kit/rooms';
import type { KitView } from '@/ui/kit/kit-view';
import { DropPlace } from './drop-place';
import { FillGauge } from './fill-gauge';
import { PieceChip } from './piece-chip';
import { insidePath, roomName } from './room';

interface HolderProps {
  readonly view: KitView;
  readonly placement: Placement;
}

/** A holder cut open: its outline in its own colour, its cavities side by side, each as wide as its room asks. */
export function Holder({ view, placement }: HolderProps) {
  const { bench, totals, units, tree } = view;
  const gear = gearOf(bench.shelf, placement);
  const branch = totals.branches.get(placement.id)!;
  const isEmpty = tree.within(placement.id).length === 0;
  const widest = Math.max(...gear.cavities.map(({ inside }) => roomMl(inside)));
  return (
    <Box
      borderWidth="3px"
      borderColor={`color-mix(in srgb, ${gear.look.colour} 70%, var(--acorn-colors-fg))`}
      borderRadius={gear.form?.shape === 'soft' ? '22px' : '8px'}
      bg="panel"
      padding="2"
      width={isEmpty ? 'fit-content' : '100%'}
    >
      <Flex align="center" justify="space-between" gap="2" marginBottom="1.5">
        <PieceChip view={view} placement={placement} isHead />
        <Text fontSize="sm" fontWeight="700" whiteSpace="nowrap">
          {printMass(branch.massG, units)}
        </Text>
      </Flex>
      <Flex wrap="wrap" gap="2" align="flex-start">
        {gear.cavities.map((cavity) => (
          <CavityRoom
            key={cavity.id}
            view={view}
            placement={placement}
            cavity={cavity}
            share={roomMl(cavity.inside) / widest}
            isOnly={gear.cavities.length === 1}
          />
        ))}
      </Flex>
    </Box>
  );
}

interface CavityRoomProps extends HolderProps {
  readonly cavity: Cavity;
  /** Its room against the holder's largest cavity. */
  readonly share: number;
  readonly isOnly: boolean;
}

function CavityRoom({ view, placement, cavity, share, isOnly }: CavityRoomProps) {
  const { tree, loads, units } = view;
  const inside = tree.inCavity(placement.id, cavity.id);
  const holders = inside.filter((inner) => isHolder(gearOf(view.bench.shelf, inner)));
  const pieces = inside.filter((inner) => !holders.includes(inner));
  const { answer } = loads.find(
    (load) => load.placement === placement.id && load.cavity === cavity.id,
  )!;
  const isAmiss = isAmissIn(answer);
  const words = fitInWords(answer, units);
  return (
    <DropPlace
      place={{ in: placement.id, cavity: cavity.id }}
      role="group"
      aria-label={`${cavity.name}: ${words}`}
      flex={share > 0.5 ? '1 1 100%' : '1 1 220px'}
      minWidth="0"
      borderWidth="1.5px"
      borderColor={isAmiss ? 'signal.solid' : 'border.emphasized'}
      borderRadius="12px"
      bg="mat"
      padding="2"
    >
      <Flex justify="space-between" align="center" columnGap="2" fontSize="xs" wrap="wrap">
        <Text fontWeight="700">
          {isOnly ? 'Inside' : cavity.name}
          <Text as="span" fontWeight="400" color="fg.muted">
            {' '}
            · {cavity.reach}
            {cavity.waterproof && ' · waterproof'}
          </Text>
        </Text>
        <Flex
          align="center"
          color={isAmiss ? 'signal.fg' : 'fg.muted'}
          fontWeight={isAmiss ? '700' : '400'}
        >
          <span>
            {isAmiss && '■ '}
            {words}
          </span>
          {inside.length > 0 && (
            <LookInside
              name={roomName(view, { placement: placement.id, cavity: cavity.id })}
              path={insidePath(placement.id, cavity.id)}
            />
          )}
        </Flex>
      </Flex>
      <FillGauge answer={answer} />
      <Flex wrap="wrap" gap="1.5" marginTop="2" align="flex-start">
        {pieces.map((inner) => (
          <PieceChip key={inner.id} view={view} placement={inner} />
        ))}
        {holders.map((inner) => (
          <Holder key={inner.id} view={view} placement={inner} />
        ))}
      </Flex>
    </DropPlace>
  );
}

function LookInside({ name, path }: { readonly name: string; readonly path: string }) {
  return (
    <NextLink href={path} prefetch={false} aria-label={`Look inside ${name}`}>
      <Flex
        as="span"
        display="inline-flex"
        align="center"
        gap="1"
        minHeight="11"
        marginLeft="2"
        flexShrink="0"
        whiteSpace="nowrap"
        color="fg"
        fontWeight="600"
        textDecoration="underline"
      >
        <Eye size={15} aria-hidden />
        Look inside
      </Flex>
    </NextLink>
  );
}
