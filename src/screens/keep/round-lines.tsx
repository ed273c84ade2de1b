import { Box, Flex, Text } from '@chakra-ui/react';
import { goodOf, type Round, type RoundLine } from '@/core/loadout';
import { GearPhoto } from '@/ui/photo/gear-photo';

const noLook = { silhouette: 'piece', stuff: 'plastic', colour: '#8a8478' } as const;

/** What was found of one placement, in words: `good`, `2 used, 1 to be renewed`. */
export function lineInWords(line: RoundLine): string {
  const { count, used, renew, missing, failed, isMoved, isByWeight, did } = line;
  const good = goodOf(line);
  const some = (found: number, words: string) =>
    found === 0 ? [] : [count === 1 ? words : `${found} ${words}`];
  const parts = [
    ...(good === count ? [isByWeight ? 'there, by weight' : 'good'] : some(good, 'good')),
    ...some(used, 'used'),
    ...some(renew, 'to be renewed'),
    ...some(missing, 'missing'),
    ...some(failed, 'failed'),
    ...(isMoved ? ['moved'] : []),
    ...did.map((act) => (act === 'recharge' ? 'charged' : act === 'rotate' ? 'filled anew' : act)),
  ];
  return parts.join(', ');
}

/** What a whole round came to, in one line. */
export function foundInWords({ lines, unreached }: Round): string {
  const sum = (of: (line: RoundLine) => number) => lines.reduce((all, line) => all + of(line), 0);
  const parts = [
    `${lines.filter((line) => goodOf(line) === line.count).length} of ${lines.length} lines good`,
    ...some(
      sum(({ used }) => used),
      'used',
    ),
    ...some(
      sum(({ renew }) => renew),
      'to be renewed',
    ),
    ...some(
      sum(({ missing }) => missing),
      'missing',
    ),
    ...some(
      sum(({ failed }) => failed),
      'failed',
    ),
    ...some(unreached, 'lines not reached'),
  ];
  return parts.join(', ');

  function some(found: number, words: string): readonly string[] {
    return found === 0 ? [] : [`${found} ${words}`];
  }
}

/** Everything that a round wrote down. */
export function RoundLines({ round }: { readonly round: Round }) {
  return (
    <Box as="ul" listStyleType="none">
      {round.lines.map((line) => {
        const isGood = goodOf(line) === line.count;
        return (
          <Flex as="li" key={line.placement} gap="3" paddingY="1.5" borderTopWidth="1px">
            {line.photo !== null && <GearPhoto id={line.photo} look={noLook} size={44} />}
            <Box flex="1">
              <Text>
                <Text as="span" fontWeight="600">
                  {line.name}
                  {line.count > 1 && ` × ${line.count}`}
                </Text>{' '}
                <Text as="span" color={isGood ? 'fg.muted' : 'signal.fg'}>
                  {isGood ? '' : '▲ '}
                  {lineInWords(line)}
                </Text>
              </Text>
              {line.note !== '' && (
                <Text fontSize="sm" color="fg.muted">
                  {line.note}
                </Text>
              )}
            </Box>
            <Text fontSize="xs" color="fg.muted">
              {line.on}
            </Text>
          </Flex>
        );
      })}
    </Box>
  );
}
