'use client';

import { Box, Flex, Grid, Heading, Text } from '@chakra-ui/react';
import { Camera, Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import { capital, type CareAct, type Gear } from '@/core/gear';
import { gearOf, goodOf, type Placement, type Round, type RoundLine } from '@/core/loadout';
import { goodLine, sharesAt, thereByWeight } from '@/core/upkeep';
import { newId } from '@/store/new-id';
import { keepPhoto } from '@/store/photos';
import { whyFailed } from '@/store/why-failed';
import { Button } from '@/ui/fields/button';
import { FileChoice } from '@/ui/fields/file-choice';
import { Folded } from '@/ui/fields/folded';
import { LabelledInput } from '@/ui/fields/labelled-input';
import { Tick } from '@/ui/fields/tick';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import type { KitView } from '@/ui/kit/kit-view';
import { startMoving } from '@/ui/kit/selection';
import { sayRefused } from '@/ui/notice/notice';
import { GearPhoto } from '@/ui/photo/gear-photo';
import { resizePicture } from '@/ui/photo/resize-picture';
import { PieceChecks } from '@/ui/piece/piece-checks';
import { ByWeight } from '@/ui/scale/by-weight';

interface RoundPieceProps {
  readonly view: KitView;
  readonly round: Round;
  readonly placement: Placement;
  readonly where: string;
  readonly onWrite: (lines: readonly RoundLine[]) => void;
  readonly onLater: () => void;
}

/** What a round may find, beside that all is good. */
const findings = [
  ['used', 'Used'],
  ['renew', 'To renew'],
  ['missing', 'Missing'],
  ['failed', 'Failed'],
] as const;

/** One piece of a round, large, with its buttons in reach of a thumb. */
export function RoundPiece(props: RoundPieceProps) {
  const { view, round, placement, where, onWrite, onLater } = props;
  const { bench, own, kit, tree } = view;
  const gear = gearOf(bench.shelf, placement);
  const before = round.lines.find((line) => line.placement === placement.id);
  const [line, setLine] = useState<RoundLine>(before ?? goodLine(placement, gear, kit.day));
  const [isCounting, setCounting] = useState(before !== undefined && goodOf(before) < before.count);
  const isHolder = tree.within(placement.id).length > 0;

  function change(part: Partial<RoundLine>): void {
    setLine((now) => ({ ...now, ...part }));
  }

  /** All of a single piece is as it is found; of several, how many is asked. */
  function found(what: (typeof findings)[number][0]): void {
    if (placement.count === 1)
      onWrite([{ ...line, used: 0, renew: 0, missing: 0, failed: 0, [what]: 1 }]);
    else {
      change({ [what]: Math.max(1, line[what]) });
      setCounting(true);
    }
  }

  return (
    <Box as="article" aria-label={gear.name}>
      <Text fontSize="sm" fontWeight="600" color="fg.muted">
        {where}
      </Text>
      <Flex gap="4" align="center" marginY="2">
        <Box bg="tag" borderRadius="14px" padding="2">
          {gear.photo === null ? (
            <GearIcon look={gear.look} size={72} />
          ) : (
            <GearPhoto id={gear.photo} look={gear.look} size={72} />
          )}
        </Box>
        <Box flex="1">
          <Heading as="h3" fontSize="2xl" lineHeight="1.15">
            {gear.name}
            {placement.count > 1 && ` × ${placement.count}`}
          </Heading>
          <Look gear={gear} view={view} placement={placement} />
        </Box>
      </Flex>
      <Flex gap="2" wrap="wrap" marginBottom="3">
        {gear.care.flatMap(({ act }) => {
          const words = doneWords[act];
          if (words === undefined) return [];
          const isOn = line.did.includes(act);
          const did = isOn ? line.did.filter((each) => each !== act) : [...line.did, act];
          return [
            <Tick key={act} isOn={isOn} onChange={() => change({ did })}>
              {words}
            </Tick>,
          ];
        })}
      </Flex>
      {isHolder && (
        <Folded title="Weigh it instead of opening it">
          <ByWeight
            view={view}
            loadout={view.own}
            placement={placement.id}
            onTick={(ids) => onWrite(thereByWeight(round, own, bench.shelf, ids, kit.day))}
          />
        </Folded>
      )}
      <Details line={line} gear={gear} today={kit.day} onChange={change} />
      <Box
        position="sticky"
        bottom={{ base: '64px', md: '0' }}
        bg="canvas"
        paddingTop="2"
        paddingBottom="2"
        zIndex="docked"
      >
        {isCounting ? (
          <Tally
            line={line}
            onChange={change}
            onDone={() => onWrite([line])}
            onCancel={() => {
              change({ used: 0, renew: 0, missing: 0, failed: 0 });
              setCounting(false);
            }}
          />
        ) : (
          <>
            <Grid templateColumns="repeat(auto-fit, minmax(84px, 1fr))" gap="2">
              {findings.map(([what, words]) => (
                <Button key={what} minHeight="14" paddingX="2" onClick={() => found(what)}>
                  {words}
                </Button>
              ))}
            </Grid>
            <Grid templateColumns="1fr 1fr 2.4fr" gap="2" marginTop="2">
              <Button
                minHeight="16"
                variant="bare"
                paddingX="1"
                onClick={() => {
                  onWrite([{ ...line, isMoved: true }]);
                  startMoving(placement.id);
                }}
                disabled={own.placements.length < 2}
              >
                Moved…
              </Button>
              <Button minHeight="16" variant="bare" paddingX="1" onClick={onLater}>
                Later
              </Button>
              <Button
                minHeight="16"
                variant="main"
                fontSize="xl"
                onClick={() => onWrite([{ ...line, used: 0, renew: 0, missing: 0, failed: 0 }])}
              >
                {placement.count > 1 ? 'All good' : 'Good'}
              </Button>
            </Grid>
          </>
        )}
      </Box>
    </Box>
  );
}

/** What is done beside looking, and said when it was. Looking over, trying, cleaning and drying are in “good”. */
const doneWords: Partial<Readonly<Record<CareAct, string>>> = {
  recharge: 'Charged today',
  rotate: 'Filled anew today',
};

const goodMeans: Partial<Readonly<Record<CareAct, string>>> = {
  inspect: 'looked over',
  test: 'tried',
  clean: 'clean',
  dry: 'dry',
};

/** What good means of it, and the dates that are known. */
function Look({
  gear,
  view,
  placement,
}: {
  readonly gear: Gear;
  readonly view: KitView;
  readonly placement: Placement;
}) {
  const means = gear.care.flatMap(({ act }) => goodMeans[act] ?? []);
  const shares = sharesAt(view.bench, view.own, placement, view.kit.day);
  const dates = [...new Set(shares.flatMap(({ lot }) => lot.goodUntil ?? []))].sort();
  const amiss = shares.find(({ lot }) => lot.amiss !== null)?.lot.amiss;
  const parts = [
    ...(means.length > 0 ? [`good means ${means.join(', ')}`] : []),
    ...(dates.length > 0 ? [`printed ${dates.join(' and ')}`] : []),
    ...(amiss ? [`last time: ${amiss === 'renew' ? 'to be renewed' : amiss}`] : []),
  ];
  return parts.length === 0 ? null : (
    <Text fontSize="sm" color="fg.muted" marginTop="1">
      {capital(parts.join('; '))}.
    </Text>
  );
}

interface TallyProps {
  readonly line: RoundLine;
  readonly onChange: (part: Partial<RoundLine>) => void;
  readonly onDone: () => void;
  readonly onCancel: () => void;
}

/** How many of several are what. */
function Tally({ line, onChange, onDone, onCancel }: TallyProps) {
  const good = goodOf(line);
  return (
    <Box role="group" aria-label={`Of ${line.count}`}>
      {findings.map(([what, words]) => (
        <Flex key={what} align="center" gap="2" paddingY="1">
          <Text flex="1" fontWeight="600">
            {words}
          </Text>
          <Button
            size="icon"
            aria-label={`One less: ${words.toLowerCase()}`}
            disabled={line[what] === 0}
            onClick={() => onChange({ [what]: line[what] - 1 })}
          >
            <Minus size={18} aria-hidden />
          </Button>
          <Text minWidth="8" textAlign="center" fontWeight="700" fontSize="xl">
            {line[what]}
          </Text>
          <Button
            size="icon"
            aria-label={`One more: ${words.toLowerCase()}`}
            disabled={good === 0}
            onClick={() => onChange({ [what]: line[what] + 1 })}
          >
            <Plus size={18} aria-hidden />
          </Button>
          <Button
            aria-label={`All the rest: ${words.toLowerCase()}`}
            disabled={good === 0}
            onClick={() => onChange({ [what]: line[what] + good })}
          >
            All
          </Button>
        </Flex>
      ))}
      <Flex gap="2" marginTop="2">
        <Button minHeight="14" variant="bare" onClick={onCancel}>
          Back
        </Button>
        <Button minHeight="14" variant="main" flex="1" onClick={onDone}>
          Write down: {good} of {line.count} good
        </Button>
      </Flex>
    </Box>
  );
}

interface DetailsProps {
  readonly line: RoundLine;
  readonly gear: Gear;
  readonly today: string;
  readonly onChange: (part: Partial<RoundLine>) => void;
}

/** A note and a picture, and how it was made ready and tried. */
function Details({ line, gear, today, onChange }: DetailsProps) {
  async function take(file: File): Promise<void> {
    const picture = await resizePicture(file).catch(() => null);
    if (!picture) {
      sayRefused(`${file.name} is no picture that this browser can open: nothing was changed.`);
      return;
    }
    const photo = newId();
    try {
      await keepPhoto(photo, picture);
      onChange({ photo });
    } catch (error) {
      sayRefused(`The picture was not kept, and nothing was changed. ${whyFailed(error)}`);
    }
  }
  return (
    <Folded title="Note, picture, made ready and tried">
      <Flex gap="2" align="flex-end" wrap="wrap" marginBottom="2">
        <LabelledInput
          label="Note"
          minWidth="220px"
          maxLength={400}
          value={line.note}
          onChange={(event) => onChange({ note: event.target.value })}
        />
        {line.photo !== null && <GearPhoto id={line.photo} look={gear.look} size={44} />}
        <FileChoice
          label="Picture of what was found"
          accept="image/*"
          onChoose={(file) => void take(file)}
        >
          <Camera size={16} aria-hidden /> Picture…
        </FileChoice>
      </Flex>
      <PieceChecks gear={gear} today={today} />
    </Folded>
  );
}
