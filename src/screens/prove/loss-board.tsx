'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { capital } from '@/core/gear';
import type { Loss } from '@/core/loadout';
import {
  lossBoard,
  lossId,
  lossesInWords,
  mostLeft,
  questionId,
  whatCanBeLost,
  type QuestionLost,
  questionInWords,
} from '@/core/losses';
import { conditionsOf } from '@/core/brief';
import { soonnessFor } from '@/core/scheme/dangers';
import { conditionWords, onlyMakesDo } from '@/core/ways';
import { Button } from '@/ui/fields/button';
import { Panel } from '@/ui/fields/panel';
import { PillSwitch } from '@/ui/fields/pill-switch';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import type { KitView } from '@/ui/kit/kit-view';
import { toggleLoss } from '@/ui/kit/what-if';
import { namesInWhole, wholeKit } from '@/ui/kit/whole-kit';

type Across = 'musts' | 'categories' | 'all';

/** One column: some of what is asked, told by the worst of it. */
interface Column {
  readonly id: string;
  readonly name: string;
  /** The numbers of its questions on the board. */
  readonly of: readonly number[];
}

/** How many losses are shown before the rest is asked for. */
const shownFirst = 14;

interface LossBoardProps {
  readonly view: KitView;
  readonly asked: readonly QuestionLost[];
}

/** Every loss down, what is asked across, and in each cell the independent ways that are left; the worst loss first. */
export function LossBoard({ view, asked }: LossBoardProps) {
  const [across, setAcross] = useState<Across>('musts');
  const [isWhole, setIsWhole] = useState(false);
  const { kit, cover, lost } = view;
  const { brief } = view.own;
  const board = useMemo(() => {
    const soonness = brief ? soonnessFor(brief, conditionsOf(brief, kit.day)) : undefined;
    return lossBoard(asked, whatCanBeLost(kit.whole), soonness);
  }, [asked, kit.whole, kit.day, brief]);
  const columns = columnsOf(asked, across, view);
  const supposed = new Set(lost.map(lossId));
  const rows = board.rows.filter(({ loss }) => !supposed.has(lossId(loss)));
  const hurting = rows.filter(({ left }) =>
    columns.some((column) => leastOf(left, column) < leastOf(board.now, column)),
  );
  const shown = isWhole ? rows : hurting.slice(0, shownFirst);
  const makesDo = ({ of }: Column) =>
    of.some((at) => onlyMakesDo(kit.ways, asked[at]!.question.anyOf));
  return (
    <Panel
      title={lost.length === 0 ? 'What each loss would take' : 'And if one thing more goes'}
      says={`Independent ways that are left: 0 is nothing, ${mostLeft}+ is ${mostLeft} or more; ○ is done only by what makes do. What a loss changes is framed; worst first, and of equals what tells soonest by the brief and its school. Press a loss to see the whole kit without it.`}
    >
      <PillSwitch
        label="Across the board"
        options={[
          ['musts', 'What it must do'],
          ['categories', cover.scheme.name],
          ['all', 'All it does'],
        ]}
        value={across}
        onChange={setAcross}
      />
      <Box overflowX="auto" marginTop="3" tabIndex={0} role="region" aria-label="The board">
        <Box
          as="table"
          fontSize="sm"
          css={{
            borderSpacing: 0,
            '& th': { textAlign: 'left', fontWeight: 600 },
            '& td, & thead th': { textAlign: 'center', padding: '3px 2px', minWidth: '52px' },
            '& thead th': { verticalAlign: 'top' },
            '& tbody tr > *': { borderTop: '1px dotted var(--acorn-colors-border)' },
            '& th:first-of-type': {
              position: 'sticky',
              left: 0,
              background: 'var(--acorn-colors-panel)',
              zIndex: 1,
            },
          }}
        >
          <thead>
            <tr>
              <th scope="col">
                <Text as="span" fontWeight="400" color="fg.muted">
                  {lost.length === 0 ? 'now' : 'as supposed'}
                </Text>
              </th>
              {columns.map((column) => (
                <th key={column.id} scope="col">
                  <Text lineHeight="1.1" maxWidth="76px" marginX="auto" fontSize="xs">
                    {column.name}
                  </Text>
                  <Ways left={leastOf(board.now, column)} before={null} />
                  {makesDo(column) && (
                    <Text fontSize="2xs" fontWeight="400" lineHeight="1.1" color="amber.fg">
                      ○ makes do
                    </Text>
                  )}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {shown.map(({ loss, left }) => (
              <tr key={lossId(loss)} data-loss={lossId(loss)}>
                <th scope="row">
                  <LossName view={view} loss={loss} />
                </th>
                {columns.map((column) => (
                  <td key={column.id}>
                    <Ways left={leastOf(left, column)} before={leastOf(board.now, column)} />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
      {shown.length === 0 && (
        <Text marginTop="2">No single loss leaves fewer ways of any of these.</Text>
      )}
      {rows.length > shown.length || isWhole ? (
        <Button size="sm" marginTop="3" onClick={() => setIsWhole(!isWhole)}>
          {isWhole ? 'Only what hurts most' : `Show all ${rows.length} losses`}
        </Button>
      ) : null}
    </Panel>
  );
}

function columnsOf(asked: readonly QuestionLost[], across: Across, view: KitView): Column[] {
  const numbers = new Map(asked.map(({ question }, at) => [question.id, at]));
  if (across === 'categories') {
    return view.cover.categories
      .filter(({ musts }) => musts.length > 0)
      .map(({ category, musts }) => ({
        id: category.id,
        name: category.name,
        of: musts.flatMap(({ anyOf }) => numbers.get(questionId(anyOf)) ?? []),
      }));
  }
  return asked.flatMap(({ question, depth }, at) => {
    const isShown = across === 'all' ? depth > 0 : question.wanted !== null;
    const { id, anyOf } = question;
    const isOfScheme = question.wanted === null && anyOf.length > 1;
    return isShown && !isOfScheme
      ? [{ id, name: capital(questionInWords(question)), of: [at] }]
      : [];
  });
}

/** Of several, the one with the fewest ways left. */
function leastOf(left: readonly number[], { of }: Column): number {
  return Math.min(...of.map((at) => left[at] ?? mostLeft));
}

interface WaysProps {
  readonly left: number;
  /** Before the loss; null where there is none. */
  readonly before: number | null;
}

/** How many ways are left: filled where there is none, framed where there are fewer, plain where it is as before. */
function Ways({ left, before }: WaysProps) {
  const isLess = before !== null && left < before;
  const isGone = isLess && left === 0;
  const many = left >= mostLeft ? `${mostLeft}+` : String(left);
  return (
    <Box
      as="span"
      role={isLess ? 'img' : undefined}
      aria-label={isLess ? `${many} left of ${before}` : undefined}
      display="inline-grid"
      placeItems="center"
      minWidth="34px"
      height="26px"
      borderRadius={isGone ? '4px' : '13px'}
      borderWidth={isLess ? '2px' : '0'}
      borderColor="fg"
      bg={isGone ? 'fg' : undefined}
      color={isGone ? 'panel' : isLess ? 'fg' : 'fg.muted'}
      fontWeight={isLess ? '700' : '400'}
    >
      {many}
    </Box>
  );
}

interface LossNameProps {
  readonly view: KitView;
  readonly loss: Loss;
}

/** A loss by its name, with a sign of what kind it is; pressing it supposes it. */
function LossName({ view, loss }: LossNameProps) {
  const { gear } = wholeKit(view);
  const [words] = lossesInWords([loss], namesInWhole(view));
  return (
    <Button
      size="sm"
      variant="bare"
      justifyContent="flex-start"
      textAlign="left"
      whiteSpace="normal"
      width={{ base: '132px', md: '196px' }}
      paddingX="1"
      aria-pressed={false}
      title={loss.kind === 'condition' ? conditionWords[loss.condition].means : undefined}
      onClick={() => toggleLoss(view.own.id, loss)}
    >
      {loss.kind === 'condition' ? (
        <Flex as="span" width="26px" justify="center" aria-hidden fontWeight="700">
          ≈
        </Flex>
      ) : (
        <GearIcon look={gear(loss.placement).look} size={26} />
      )}
      <span>{words}</span>
    </Button>
  );
}
