import { Flex, Text } from '@chakra-ui/react';
import { Minus, Pencil, Plus } from 'lucide-react';
import { Button } from '@/ui/fields/button';
import { select, startEditing, startHandingDown, startMoving } from '@/ui/kit/selection';
import { perform } from '@/ui/notice/notice';
import type { PieceProps } from './piece';

/** What can be done with a piece in its kit. */
export function PieceActions({ view, placement, gear }: PieceProps) {
  const { loadout, tree, bench } = view;
  const isFilled = tree.within(placement.id).length > 0;
  function setCount(count: number): void {
    perform({ do: 'set count', loadout: loadout.id, placement: placement.id, count });
  }
  function takeOut(contents: 'leave too' | 'to the mat'): void {
    const said = `${gear.name} taken out${isFilled && contents === 'leave too' ? ', with what is in it' : ''}.`;
    select(null);
    perform({ do: 'take out', loadout: loadout.id, placement: placement.id, contents }, said);
  }
  return (
    <Flex gap="2" wrap="wrap">
      <Button variant="main" onClick={() => startMoving(placement.id)}>
        Move…
      </Button>
      <Button
        aria-label={`Change the figures of ${gear.name}`}
        onClick={() => startEditing(gear.id)}
      >
        <Pencil size={16} aria-hidden /> Change…
      </Button>
      {!isFilled && (
        <Flex align="center" borderRadius="10px" bg="tag">
          <Button
            size="icon"
            aria-label="One less"
            disabled={placement.count <= 1}
            onClick={() => setCount(placement.count - 1)}
          >
            <Minus size={16} aria-hidden />
          </Button>
          <Text
            minWidth="6"
            textAlign="center"
            fontWeight="700"
            aria-label={`${placement.count} here`}
          >
            {placement.count}
          </Text>
          <Button size="icon" aria-label="One more" onClick={() => setCount(placement.count + 1)}>
            <Plus size={16} aria-hidden />
          </Button>
        </Flex>
      )}
      <Button onClick={() => takeOut(isFilled ? 'to the mat' : 'leave too')}>
        {isFilled ? 'Take out alone' : 'Take out'}
      </Button>
      {isFilled && <Button onClick={() => takeOut('leave too')}>Take out with all</Button>}
      {!isFilled && bench.loadouts.size > 1 && (
        <Button onClick={() => startHandingDown(placement.id)}>Hand down…</Button>
      )}
    </Flex>
  );
}
