'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { printMass, printMoney, printNumber } from '@/core/quantity';
import { cautionsOf, lotsOf, printForm, type Gear } from '@/core/gear';
import type { Reading } from '@/core/reading';
import { homeCategory, schemeOf } from '@/core/scheme';
import { useBench } from '@/store/bench';
import { usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import { daysInWords } from '@/ui/kit/lot-in-words';
import { quickAddId } from '@/ui/shell/shortcuts';
import { doesInWords } from './kind-choices';
import type { Line } from './use-line';

/** What the line would become: what it is taken for, and what was typed told from what is only typical. */
export function Understood({ line }: { readonly line: Line }) {
  const { reading } = line;
  if (reading === null) return null;
  return (
    <Flex
      id="quick-add-understood"
      role="status"
      wrap="wrap"
      gap="2"
      align="center"
      bg="panel"
      borderWidth="1px"
      borderRadius="12px"
      padding="2"
      marginBottom="1"
      fontSize="sm"
      shadow="md"
    >
      {reading.ok ? (
        <ReadAs reading={reading.value} line={line} />
      ) : (
        <Text color="signal.fg">▲ {reading.problem.message}</Text>
      )}
    </Flex>
  );
}

function ReadAs({ reading, line }: { readonly reading: Reading; readonly line: Line }) {
  const bench = useBench();
  const { units, scheme } = usePreferences();
  const { gear, kind } = reading;
  const warnings = cautionsOf(gear);
  return (
    <>
      <GearIcon look={gear.look} />
      <b>
        {gear.name}
        {gear.count > 1 && ` × ${gear.count}`}
      </b>
      <Button
        type="button"
        size="xs"
        aria-expanded={line.isOpen}
        aria-controls="quick-add-kinds"
        onClick={() => {
          line.toggle();
          document.getElementById(quickAddId)?.focus();
        }}
      >
        {kind ? `kind: ${kind.name}` : line.isOpen ? 'kind: which of these?' : 'kind: none'} ▾
      </Button>
      <Tag>{massInWords(gear, units)}</Tag>
      <Tag>
        {gear.form === null ? 'size not known' : `${printForm(gear.form, units)} ${gear.formTrust}`}
      </Tag>
      {gear.priceMinor !== null && <Tag>{printMoney(gear.priceMinor, bench.currency)}</Tag>}
      {gear.contents !== null && (
        <Tag>
          {printNumber(gear.contents.full, 1)} {gear.contents.unit} in one
        </Tag>
      )}
      {lotsOf(gear)
        .map(daysInWords)
        .filter((days) => days !== '')
        .map((days) => (
          <Tag key={days}>{days}</Tag>
        ))}
      {kind !== null && <Tag>{doesInWords(gear)}</Tag>}
      <Tag>in {homeCategory(schemeOf(bench, scheme), gear).name}</Tag>
      {warnings.length > 0 && (
        <Text fontSize="xs" color="fg.muted" width="full">
          ⚠ {warnings.slice(0, 2).join(' ')}
        </Text>
      )}
    </>
  );
}

function massInWords({ massG, massTrust }: Gear, units: Parameters<typeof printMass>[1]): string {
  return massG === null ? 'mass not known' : `${printMass(massG, units)} ${massTrust}`;
}

function Tag({ children }: { readonly children: React.ReactNode }) {
  return (
    <Box as="span" bg="tag" borderRadius="6px" paddingX="2" paddingY="0.5">
      {children}
    </Box>
  );
}
