'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useCallback, useMemo, useState } from 'react';
import type { Brief } from '@/core/brief';
import type { SeasonSwap } from '@/core/judge/season-swap';
import { underBrief, type UnderBrief } from '@/core/kit/under-brief';
import { needNames } from '@/core/needs/need';
import { listed } from '@/core/quantity';
import { printMass, printNumber } from '@/core/quantity';
import { Button } from '@/ui/fields/button';
import { Choice } from '@/ui/fields/choice';
import { Panel } from '@/ui/fields/panel';
import { PlainTable } from '@/ui/fields/plain-table';
import { TextLink } from '@/ui/fields/text-link';
import { fixName, layingOutFix } from '@/core/kit/need-fixes';
import { newId } from '@/store/new-id';
import { fixFigures } from '@/ui/kit/fix-in-words';
import { useKitView, type KitView } from '@/ui/kit/kit-view';
import { NoKit } from '@/ui/kit/no-kit';
import { BesideFailure, useBeside, type Beside } from '@/ui/kit/use-beside';
import { standingSigns } from '@/ui/kit/standing-signs';
import { perform } from '@/ui/notice/notice';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { callSwap } from '@/workers/prove-calls';

/** The same kit against two of its briefs: what the other does not ask for, what it lacks there, and the swap. */
export function SeasonsScreen() {
  const view = useKitView();
  if (!view) return <NoKit />;
  const { own } = view;
  return (
    <Box maxWidth="1080px">
      <ScreenHeading>{own.name} in another season</ScreenHeading>
      <SubPlaces />
      {own.brief !== null && own.otherBriefs.length > 0 ? (
        <TwoBriefs key={own.id} view={view} brief={own.brief} />
      ) : (
        <Text>
          This kit has no second brief to be held against.{' '}
          <TextLink href="/brief">Write one beside its own</TextLink>, as for another season.
        </Text>
      )}
    </Box>
  );
}

function TwoBriefs({ view, brief }: { readonly view: KitView; readonly brief: Brief }) {
  const { own, kit, units } = view;
  const [chosen, setChosen] = useState(0);
  const other = own.otherBriefs[Math.min(chosen, own.otherBriefs.length - 1)]!;
  const here = useMemo(() => underBrief(kit, brief, units), [kit, brief, units]);
  const there = useMemo(() => underBrief(kit, other, units), [kit, other, units]);
  const asked = useSwap(view, brief, other);
  const swap = asked.isCurrent ? asked.value : null;
  const names = [nameOf(brief, 'its own brief'), nameOf(other, 'the other brief')] as const;
  return (
    <Flex direction="column" gap="4">
      <Choice
        label={`Packed for ${names[0]}, held against`}
        value={String(own.otherBriefs.indexOf(other))}
        options={own.otherBriefs.map(
          (each, at) => [String(at), nameOf(each, `brief ${at + 2}`)] as const,
        )}
        onChange={(at) => setChosen(Number(at))}
      />
      {asked.hasFailed ? (
        <BesideFailure again={asked.again} />
      ) : (
        <>
          <Leave view={view} swap={swap} to={names[1]} />
          <Take view={view} swap={swap} to={names[1]} />
        </>
      )}
      <Both here={here} there={there} names={names} />
    </Flex>
  );
}

interface SwapProps {
  readonly view: KitView;
  /** Null while it is looked for. */
  readonly swap: SeasonSwap | null;
  readonly to: string;
}

function Leave({ view, swap, to }: SwapProps) {
  const { own, kit, units } = view;
  return (
    <Panel
      title={`Needless in ${to}`}
      says="Together they can stay behind: no need and no rule stands worse there. What both briefs could do without is under Lay out, Thin it out."
    >
      {swap === null ? (
        <Text role="status">Looking at each piece…</Text>
      ) : swap.leave.length === 0 ? (
        <Text>Nothing that the one asks for is needless in the other.</Text>
      ) : (
        <>
          <Box as="ul" listStyleType="none" aria-label="Needless">
            {swap.leave.map(({ placement, massG, answers }) => (
              <Flex as="li" key={placement.id} gap="3" align="center" paddingY="1" wrap="wrap">
                <Text flex="1 1 220px">
                  <b>{kit.gear(placement.id).name}</b>
                  {placement.count > 1 && ` × ${placement.count}`}, {printMass(massG, units)}
                  <Text as="span" color="fg.muted">
                    {' '}
                    for {listed(answers.map((need) => needNames[need].toLowerCase()))}
                  </Text>
                </Text>
                <Button
                  size="sm"
                  onClick={() => takeOut([placement.id], kit.gear(placement.id).name)}
                >
                  Take out
                </Button>
              </Flex>
            ))}
          </Box>
          <Button
            marginTop="2"
            variant="main"
            onClick={() =>
              takeOut(
                swap.leave.map(({ placement }) => placement.id),
                'what is needless',
              )
            }
          >
            Take all {swap.leave.length} out, {printMass(swap.leaveG, units)}
          </Button>
        </>
      )}
    </Panel>
  );

  function takeOut(placements: readonly string[], what: string): void {
    perform(
      {
        do: 'together',
        label: `take out ${what}`,
        commands: placements.map(
          (id) =>
            ({ do: 'take out', loadout: own.id, placement: id, contents: 'leave too' }) as const,
        ),
      },
      `Taken out: ${what}. It stays on the shelf.`,
    );
  }
}

function Take({ view, swap, to }: SwapProps) {
  if (swap === null) return null;
  return (
    <Panel title={`Short in ${to}`}>
      {swap.take.length === 0 && <Text>Every need that is known is met.</Text>}
      <Box as="ul" listStyleType="none" aria-label="Short there">
        {swap.take.map(({ need, fix }) => (
          <Box as="li" key={need.need} paddingY="1.5">
            <Text>
              <Text
                as="span"
                role="img"
                aria-label={need.standing}
                color={standingSigns[need.standing].colour}
              >
                {standingSigns[need.standing].sign}
              </Text>{' '}
              <b>{needNames[need.need]}.</b> {need.says}
            </Text>
            {fix && (
              <Button
                size="sm"
                height="auto"
                whiteSpace="normal"
                textAlign="left"
                marginTop="1"
                onClick={() =>
                  perform(layingOutFix(fix, view, newId), `${fixName(fix)} laid on the mat.`)
                }
              >
                {fix.isOnShelf ? 'Lay out' : 'Add'} {fixName(fix)} {fixFigures(fix, view)}
              </Button>
            )}
          </Box>
        ))}
      </Box>
    </Panel>
  );
}

interface BothProps {
  readonly here: UnderBrief;
  readonly there: UnderBrief;
  readonly names: readonly [string, string];
}

function Both({ here, there, names }: BothProps) {
  return (
    <Panel title="Need by need" overflowX="auto">
      <PlainTable>
        <thead>
          <tr>
            <th scope="col">Need</th>
            {names.map((name) => (
              <th scope="col" key={name}>
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {here.needs.map((need, at) => (
            <Box as="tr" key={need.need} borderTopWidth="1px">
              <th scope="row">{needNames[need.need]}</th>
              {[need, there.needs[at]!].map((each, side) => (
                <td key={side}>
                  <Text as="span" color={standingSigns[each.standing].colour} aria-hidden>
                    {standingSigns[each.standing].sign}
                  </Text>{' '}
                  {each.standing}
                  {each.days !== null &&
                    each.days !== Infinity &&
                    `, ${printNumber(each.days, 1)} days`}
                </td>
              ))}
            </Box>
          ))}
        </tbody>
      </PlainTable>
    </Panel>
  );
}

/** The swap, worked out beside the page. */
function useSwap({ bench, own, kit, units }: KitView, from: Brief, to: Brief): Beside<SeasonSwap> {
  const { day } = kit;
  const begin = useCallback(
    () => callSwap(bench, own.id, day, { from, to, units }),
    [bench, own.id, day, from, to, units],
  );
  return useBeside(begin);
}

function nameOf({ name }: Brief, otherwise: string): string {
  return name === '' ? otherwise : name;
}
