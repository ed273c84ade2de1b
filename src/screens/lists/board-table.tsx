'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import type { Board } from '@/core/scheme';
import { Panel } from '@/ui/fields/panel';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';

/** As many pieces are shown. */
const mostShown = 300;

/** Pieces by lists: on it as the very kind, on it by what it does, or not; what is on nobody’s list comes first. */
export function BoardTable({ board }: { readonly board: Board }) {
  const pieces = [...board.pieces].sort(
    (one, other) => one.on.size - other.on.size || one.gear.name.localeCompare(other.gear.name),
  );
  const nobodys = pieces.filter(({ on }) => on.size === 0).length;
  return (
    <Panel
      title="Piece by piece"
      says={`● it is the kind that a line names · ◐ it does what a line asks for · – not on it. ${nobodys} ${nobodys === 1 ? 'piece is' : 'pieces are'} on nobody’s list.`}
    >
      <Box overflowX="auto" tabIndex={0} role="region" aria-label="Pieces by lists">
        <Box as="table" fontSize="sm" minWidth="100%" css={{ borderCollapse: 'collapse' }}>
          <thead>
            <tr>
              <Cell as="th" isHead>
                Piece
              </Cell>
              {board.lists.map(({ list }) => (
                <Cell as="th" key={list.id} isHead>
                  {list.name}
                </Cell>
              ))}
            </tr>
          </thead>
          <tbody>
            {pieces.slice(0, mostShown).map(({ gear, on }) => (
              <tr key={gear.id}>
                <Cell as="th">
                  <Flex gap="2" align="center">
                    <GearIcon look={gear.look} size={24} />
                    {gear.name}
                    {on.size === 0 && (
                      <Box as="span" bg="tag" borderRadius="6px" paddingX="1.5" fontSize="xs">
                        on nobody’s list
                      </Box>
                    )}
                  </Flex>
                </Cell>
                {board.lists.map(({ list }) => (
                  <Cell as="td" key={list.id}>
                    <Mark by={on.get(list.id)} />
                  </Cell>
                ))}
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
      {pieces.length > mostShown && (
        <Text fontSize="sm" color="fg.muted">
          and {pieces.length - mostShown} more
        </Text>
      )}
    </Panel>
  );
}

function Mark({ by }: { readonly by: 'kind' | 'job' | undefined }) {
  const [sign, words] =
    by === 'kind'
      ? ['●', 'the kind']
      : by === 'job'
        ? ['◐', 'by what it does']
        : ['–', 'not on it'];
  return (
    <Text as="span" role="img" aria-label={words} color={by ? 'leaf.fg' : 'fg.muted'}>
      {sign}
    </Text>
  );
}

interface CellProps {
  readonly as: 'th' | 'td';
  readonly isHead?: boolean;
  readonly children: React.ReactNode;
}

function Cell({ as, isHead = false, children }: CellProps) {
  return (
    <Box
      as={as}
      paddingX="2"
      paddingY="1"
      textAlign="left"
      fontWeight={isHead ? '700' : '400'}
      borderBottomWidth="1px"
      {...(as === 'th' && { scope: isHead ? 'col' : 'row' })}
    >
      {children}
    </Box>
  );
}
