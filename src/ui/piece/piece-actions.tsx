import { Flex, Text } from '@chakra-ui/react';
import { Minus, Pencil, Pin, PinOff, Plus, Shirt } from 'lucide-react';
import { memo } from 'react';
import { Button } from '@/ui/fields/button';
import { select, startEditing, startHandingDown, startMoving } from '@/ui/kit/selection';
import { perform } from '@/ui/notice/notice';
import type { PieceProps } from './piece';

/** What can be done with a piece in its kit. */
export function PieceActions({ view, placement, gear }: PieceProps) {
  const { loadout, tree, bench } = view;
  const isFilled = tree.within(placement.id).length > 0;
  const at = { loadout: loadout.id, placement: placement.id };
  return (
    <Flex gap="2" wrap="wrap">
      <MoveAndChange placement={placement.id} gear={gear.id} name={gear.name} />
      {!isFilled && <Count {...at} count={placement.count} />}
      <PinIt {...at} name={gear.name} isPinned={placement.isPinned === true} />
      <AssumeIt {...at} name={gear.name} isAssumed={placement.isAssumed === true} />
      <TakeOut
        {...at}
        name={gear.name}
        isFilled={isFilled}
        isHandedDown={bench.loadouts.size > 1}
      />
    </Flex>
  );
}

interface MoveAndChangeProps {
  readonly placement: string;
  readonly gear: string;
  readonly name: string;
}

const MoveAndChange = memo(function MoveAndChange({ placement, gear, name }: MoveAndChangeProps) {
  return (
    <>
      <Button variant="main" onClick={() => startMoving(placement)}>
        Move…
      </Button>
      <Button aria-label={`Change the figures of ${name}`} onClick={() => startEditing(gear)}>
        <Pencil size={16} aria-hidden /> Change…
      </Button>
    </>
  );
});

interface At {
  readonly loadout: string;
  readonly placement: string;
}

interface AssumeItProps extends At {
  readonly name: string;
  readonly isAssumed: boolean;
}

/** What is taken for granted counts in what the kit does, not in what it weighs and costs. */
const AssumeIt = memo(function AssumeIt({ loadout, placement, name, isAssumed }: AssumeItProps) {
  return (
    <Button
      aria-pressed={isAssumed}
      onClick={() => {
        const said = isAssumed
          ? `${name} counts in mass and price again.`
          : `${name} is taken for granted: it counts in cover, not in mass or price.`;
        perform({ do: 'assume', loadout, placement, isAssumed: !isAssumed }, said);
      }}
    >
      <Shirt size={16} aria-hidden /> {isAssumed ? 'Count it' : 'There anyhow'}
    </Button>
  );
});

interface PinItProps extends At {
  readonly name: string;
  readonly isPinned: boolean;
}

/** What is pinned stays where it is when the rest is packed anew. */
const PinIt = memo(function PinIt({ loadout, placement, name, isPinned }: PinItProps) {
  const Icon = isPinned ? PinOff : Pin;
  return (
    <Button
      aria-pressed={isPinned}
      onClick={() => {
        const said = isPinned
          ? `${name} may be packed elsewhere again.`
          : `${name} stays where it is when the rest is packed.`;
        perform({ do: 'pin', loadout, placement, isPinned: !isPinned }, said);
      }}
    >
      <Icon size={16} aria-hidden /> {isPinned ? 'Unpin' : 'Pin here'}
    </Button>
  );
});

interface TakeOutProps extends At {
  readonly name: string;
  readonly isFilled: boolean;
  /** There is another kit to hand it down to. */
  readonly isHandedDown: boolean;
}

const TakeOut = memo(function TakeOut(props: TakeOutProps) {
  const { loadout, placement, name, isFilled, isHandedDown } = props;
  function takeOut(contents: 'leave too' | 'to the mat'): void {
    const said = `${name} taken out${isFilled && contents === 'leave too' ? ', with what is in it' : ''}.`;
    select(null);
    perform({ do: 'take out', loadout, placement, contents }, said);
  }
  return (
    <>
      <Button onClick={() => takeOut(isFilled ? 'to the mat' : 'leave too')}>
        {isFilled ? 'Take out alone' : 'Take out'}
      </Button>
      {isFilled && <Button onClick={() => takeOut('leave too')}>Take out with all</Button>}
      {!isFilled && isHandedDown && (
        <Button onClick={() => startHandingDown(placement)}>Hand down…</Button>
      )}
    </>
  );
});

/** How many of it are here, one more or one less. */
function Count({ loadout, placement, count }: At & { readonly count: number }) {
  function setCount(next: number): void {
    perform({ do: 'set count', loadout, placement, count: next });
  }
  return (
    <Flex align="center" borderRadius="10px" bg="tag">
      <Button
        size="icon"
        aria-label="One less"
        disabled={count <= 1}
        onClick={() => setCount(count - 1)}
      >
        <Minus size={16} aria-hidden />
      </Button>
      <Text minWidth="6" textAlign="center" fontWeight="700" aria-label={`${count} here`}>
        {count}
      </Text>
      <Button size="icon" aria-label="One more" onClick={() => setCount(count + 1)}>
        <Plus size={16} aria-hidden />
      </Button>
    </Flex>
  );
}
