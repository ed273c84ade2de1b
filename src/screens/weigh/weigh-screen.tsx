'use client';

import { Box, Flex } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { inOrderOfName } from '@/core/catalogue/find-gear';
import { withMassOf, type Gear } from '@/core/gear';
import { printMass, printNumber, type Problem } from '@/core/quantity';
import {
  fullByScale,
  kitchenStepG,
  leftCommand,
  measuredLeft,
  type ScaleReads,
} from '@/core/upkeep';
import { useBench } from '@/store/bench';
import { newId } from '@/store/new-id';
import { usePreferences } from '@/store/preferences';
import { useToday } from '@/store/today';
import { useKitView } from '@/ui/kit/kit-view';
import { perform, say, sayRefused } from '@/ui/notice/notice';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { PillSwitch } from '@/ui/fields/pill-switch';
import { Station } from './station';
import { ToWeigh, type Which } from './to-weigh';
import { WholeOnScale } from './whole-on-scale';

/** Goes down the list of gear that was never weighed: put it on, wait until it is steady, Enter. */
export function WeighScreen() {
  const bench = useBench();
  const view = useKitView();
  const { units } = usePreferences();
  const today = useToday();
  const [what, setWhat] = useState<'pieces' | 'whole'>('pieces');
  const [which, setWhich] = useState<Which>('shelf');
  const [skipped, setSkipped] = useState<ReadonlySet<string>>(new Set());
  const [again, setAgain] = useState('');
  const [done, setDone] = useState(0);
  const all = useMemo(() => inOrderOfName(bench.shelf.values()).filter(isThere), [bench.shelf]);
  const placements = view?.loadout.placements;
  const unweighed = useMemo(() => {
    const inKit = new Set(placements?.map(({ gear }) => gear));
    return all.filter(
      ({ id, massTrust, massG }) =>
        (massTrust !== 'weighed' || massG === null) &&
        !skipped.has(id) &&
        (which === 'shelf' || inKit.has(id)),
    );
  }, [all, placements, which, skipped]);
  const current = all.find(({ id }) => id === again) ?? unweighed[0];

  function recordLeft(gear: Gear, massG: number): boolean {
    const found = measuredLeft(gear, { by: 'scale', massG, stepG: kitchenStepG });
    if (!found.ok) return isRefused(found.problem);
    const command = leftCommand(gear, found.value.left, newId(), null, today);
    if (!command.ok) return isRefused(command.problem);
    const { left, plusMinus } = found.value;
    const said = `${printNumber(left, 2)} ± ${printNumber(plusMinus, 1)} ${gear.contents!.unit} of ${gear.name} are left.`;
    if (command.value === null) say(said);
    else if (!perform(command.value, said)) return false;
    setDone(done + 1);
    setAgain('');
    return true;
  }

  function record(gear: Gear, readingG: number, pieces: number, reads: ScaleReads): boolean {
    if (reads === 'what is left') return recordLeft(gear, Math.max(0, readingG));
    const fullG = fullByScale(gear, Math.max(0, readingG) / pieces, reads);
    const { massG, massTrust, contents } = withMassOf(gear, Number(fullG.toFixed(2)), 'weighed');
    const change = { massG, massTrust, contents };
    const said = `${gear.name} weighs ${printMass(readingG / pieces, units)}.`;
    if (!perform({ do: 'change gear', id: gear.id, change }, said)) return false;
    setDone(done + 1);
    setAgain('');
    return true;
  }

  function skip(gear: Gear): void {
    setAgain('');
    setSkipped(new Set([...skipped, gear.id]));
  }

  return (
    <Box maxWidth="1080px">
      <ScreenHeading>Weigh in</ScreenHeading>
      <SubPlaces />
      {view && (
        <Box marginBottom="3">
          <PillSwitch<'pieces' | 'whole'>
            label="What is weighed"
            options={[
              ['pieces', 'Piece by piece'],
              ['whole', 'A holder with all in it'],
            ]}
            value={what}
            onChange={setWhat}
          />
        </Box>
      )}
      {what === 'whole' && view ? (
        <WholeOnScale view={view} />
      ) : (
        <Flex gap="4" align="flex-start" flexDirection={{ base: 'column', lg: 'row' }}>
          <Box flex="1" minWidth="0" width="100%">
            <Station current={current} done={done} onRecord={record} onSkip={skip} />
          </Box>
          <ToWeigh
            kitName={view?.loadout.name ?? null}
            all={all}
            unweighed={unweighed}
            current={current}
            done={done}
            which={which}
            onWhich={setWhich}
            again={again}
            onAgain={setAgain}
          />
        </Flex>
      )}
    </Box>
  );
}

/** Says why, and that it was not done. */
function isRefused({ message }: Problem): false {
  sayRefused(message);
  return false;
}

function isThere({ ownership, count }: Gear): boolean {
  return ownership !== 'wished' && ownership !== 'retired' && count > 0;
}
