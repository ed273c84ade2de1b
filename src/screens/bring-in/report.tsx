'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { printMass } from '@/core/quantity';
import type { Gear } from '@/core/gear';
import { defused } from '@/core/exchange/defused';
import { kindOf } from '@/core/catalogue';
import type { GearRead, Unsure } from '@/core/exchange/gear-read';
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
  readonly onPick: (unsure: Unsure, kindId: string) => void;
}

/** What would be brought in, and what was not understood and why. */
export function Report({ read: { gear, unsure, notUnderstood }, what, onPick }: ReportProps) {
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
      {unsure.length > 0 && (
        <Panel
          title={`${counted(unsure.length, what)} of no sure kind`}
          says="They come in as plain pieces that do no job. Say what they are here, or later in the editor."
        >
          <Flex as="ul" direction="column" gap="2" listStyleType="none">
            {unsure.slice(0, mostShown).map((each) => (
              <Which key={each.gear} unsure={each} onPick={onPick} />
            ))}
          </Flex>
          <AndMore of={unsure.length} />
        </Panel>
      )}
      {gear.length > 0 && (
        <Panel title={`${counted(gear.length, what)} understood`}>
          <Flex as="ul" wrap="wrap" gap="1.5" listStyleType="none">
            {gear.slice(0, mostShown).map((piece) => (
              <Piece key={piece.id} gear={piece} />
            ))}
          </Flex>
          <AndMore of={gear.length} />
        </Panel>
      )}
    </>
  );
}

/** How many are not shown. */
function AndMore({ of }: { readonly of: number }) {
  return of > mostShown ? (
    <Text fontSize="sm" color="fg.muted" marginTop="1">
      and {of - mostShown} more
    </Text>
  ) : null;
}

/** One that may be several things, with a button for each. */
function Which({ unsure, onPick }: { readonly unsure: Unsure } & Pick<ReportProps, 'onPick'>) {
  return (
    <Flex as="li" wrap="wrap" gap="1.5" align="center">
      <Text fontWeight="600" fontSize="sm" minWidth={{ md: '220px' }}>
        {unsure.text.slice(0, 120)}
      </Text>
      {unsure.others.map((id) => {
        const kind = kindOf(id);
        return kind ? (
          <Button
            key={id}
            size="xs"
            aria-label={`${unsure.text.slice(0, 60)} is: ${kind.name}`}
            onClick={() => onPick(unsure, id)}
          >
            <GearIcon look={kind.look} size={18} /> {kind.name}
          </Button>
        ) : null;
      })}
      {unsure.others.length === 0 && (
        <Text fontSize="sm" color="fg.muted">
          like nothing of the catalogue
        </Text>
      )}
    </Flex>
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
