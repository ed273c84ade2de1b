'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { printMass } from '@/core/quantity';
import type { Gear } from '@/core/gear';
import { defused } from '@/core/exchange/defused';
import type { GearRead } from '@/core/exchange/gear-table';
import { usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { Panel } from '@/ui/fields/panel';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import { saveText } from '@/ui/files/save-text';

/** As many pieces are shown before they are brought in. */
const mostShown = 40;

interface ReportProps {
  readonly read: GearRead;
  /** What a line of it is called: a row of a table, or a line of text. */
  readonly what: 'row' | 'line';
}

/** What would be brought in, and what was not understood and why. */
export function Report({ read: { gear, notUnderstood }, what }: ReportProps) {
  return (
    <>
      {notUnderstood.length > 0 && (
        <Panel
          title={`${counted(notUnderstood.length, what)} not understood`}
          says="They stay out; everything else can come in. Mend them above, or keep them as a file to mend."
          borderColor="signal.solid"
        >
          <Flex as="ol" direction="column" gap="1" listStyleType="none" fontSize="sm">
            {notUnderstood.slice(0, 200).map(({ row, text, says }) => (
              <li key={row}>
                <b>
                  {what} {row}
                </b>{' '}
                <Text as="span" color="fg.muted">
                  {text.slice(0, 120)}
                </Text>{' '}
                <Text as="span" color="signal.fg">
                  ▲ {says}
                </Text>
              </li>
            ))}
          </Flex>
          <Button
            size="sm"
            minHeight="11"
            marginTop="2"
            onClick={() =>
              saveText(
                'not-understood.txt',
                notUnderstood
                  .map(({ row, text, says }) => [String(row), text, says].map(defused).join('\t'))
                  .join('\n'),
              )
            }
          >
            Keep them as a file
          </Button>
        </Panel>
      )}
      {gear.length > 0 && (
        <Panel title={`${counted(gear.length, what)} understood`}>
          <Flex as="ul" wrap="wrap" gap="1.5" listStyleType="none">
            {gear.slice(0, mostShown).map((piece) => (
              <Piece key={piece.id} gear={piece} />
            ))}
          </Flex>
          {gear.length > mostShown && (
            <Text fontSize="sm" color="fg.muted" marginTop="1">
              and {gear.length - mostShown} more
            </Text>
          )}
        </Panel>
      )}
    </>
  );
}

function Piece({ gear }: { readonly gear: Gear }) {
  const { units } = usePreferences();
  return (
    <Flex as="li" align="center" gap="1.5" bg="tag" borderRadius="8px" paddingX="2" paddingY="1">
      <GearIcon look={gear.look} size={22} />
      <Box fontSize="sm" lineHeight="1.2">
        <b>
          {gear.name}
          {gear.count !== 1 && ` × ${gear.count}`}
        </b>
        <Text fontSize="xs" color="fg.muted">
          {gear.massG === null
            ? 'mass not known'
            : `${printMass(gear.massG, units)} ${gear.massTrust}`}
        </Text>
      </Box>
    </Flex>
  );
}

function counted(count: number, what: string): string {
  return `${count} ${what}${count === 1 ? '' : 's'}`;
}
