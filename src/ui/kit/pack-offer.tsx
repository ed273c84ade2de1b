'use client';

import { Flex, Text } from '@chakra-ui/react';
import { Package } from 'lucide-react';
import { usePathname, useRouter } from 'next/navigation';
import { isHolder } from '@/core/gear';
import { gearOf, isOfModule, isOnGround } from '@/core/loadout';
import type { PackedFrom } from '@/core/pack';
import { Button } from '@/ui/fields/button';
import { TextLink } from '@/ui/fields/text-link';
import { letSaidGo } from '@/ui/notice/notice';
import { quickAddId } from '@/ui/shell/shortcuts';
import type { KitView } from './kit-view';
import { NextStep } from './next-step';
import { beginPacking } from './packing';

/** What lies about in a kit, and one press that finds it a place; where there is no holder, the line to type one on. */
export function PackOffer({ view }: { readonly view: KitView }) {
  const path = usePathname();
  const router = useRouter();
  const { bench, own, loads } = view;
  const loose = own.placements.filter(
    ({ place, isPinned }) => isOnGround(place) && place.on === 'mat' && !isPinned,
  ).length;
  const homeless = leftOutOf(loads);
  const hasHolder = own.placements.some((placement) => isHolder(gearOf(bench.shelf, placement)));
  if (own.placements.length === 0) {
    return path === '/stow' ? <NextStep says={`Nothing is in ${own.name} yet.`} /> : null;
  }

  function pack(from: PackedFrom): void {
    letSaidGo();
    void beginPacking(own.id, from);
    if (path !== '/stow') router.push('/stow');
  }

  if (!hasHolder) {
    return (
      <Offer says="Nothing here holds anything yet: a tin, a pouch, a pack or a box is wanted.">
        <Button variant="main" onClick={() => document.getElementById(quickAddId)?.focus()}>
          Type a holder
        </Button>
      </Offer>
    );
  }
  const isLying = loose + homeless > 0;
  if (path !== '/stow' && !isLying) return null;
  return (
    <Offer says={lyingInWords(loose, homeless)}>
      {isLying && (
        <Button variant="main" onClick={() => pack('now')}>
          <Package size={18} aria-hidden /> Pack it for me
        </Button>
      )}
      {path === '/stow' && (
        <Button variant={isLying ? 'plain' : 'main'} onClick={() => pack('nothing')}>
          {isLying ? 'Pack all of it anew' : 'Pack it anew for me'}
        </Button>
      )}
      {!isLying && <TextLink href="/papers">Print the packing list</TextLink>}
    </Offer>
  );
}

interface OfferProps {
  readonly says: string;
  readonly children: React.ReactNode;
}

function Offer({ says, children }: OfferProps) {
  return (
    <Flex
      align="center"
      gap="3"
      wrap="wrap"
      bg="canvas"
      borderTopRadius="14px"
      paddingY="2"
      className="no-print"
      role="group"
      aria-label="Packing"
    >
      {children}
      <Text fontSize="sm" color="fg.muted">
        {says}
      </Text>
    </Flex>
  );
}

function lyingInWords(loose: number, homeless: number): string {
  const parts = [
    loose > 0 ? `${loose} on the mat` : '',
    homeless > 0 ? `${homeless} that ${homeless === 1 ? 'finds' : 'find'} no room` : '',
  ].filter((part) => part !== '');
  return parts.length === 0 ? 'Everything has its place.' : parts.join(', ');
}

/** How many placements of the kit itself find no room where they are, once that was laid out. */
function leftOutOf(loads: KitView['loads']): number {
  const found = loads.flatMap(({ answer }) =>
    answer.laidOut === null
      ? []
      : answer.reasons.flatMap((reason) => ('item' in reason ? [reason.placement] : [])),
  );
  return new Set(found.filter((placement) => !isOfModule(placement))).size;
}
