'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { printMass, printMoney, printNumber, type Outcome } from '@/core/quantity';
import { printForm, type Gear } from '@/core/gear';
import { homeCategory, schemeOf } from '@/core/scheme';
import { useBench } from '@/store/bench';
import { usePreferences } from '@/store/preferences';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import type { Catalogue } from './catalogue';

interface UnderstoodProps {
  readonly reading: Outcome<Gear>;
  readonly catalogue: Catalogue;
}

/** What the line would become, with what was typed told from what is only typical. */
export function Understood({ reading, catalogue }: UnderstoodProps) {
  const bench = useBench();
  const { currency } = bench;
  const { units, scheme } = usePreferences();
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
      {!reading.ok ? (
        <Text color="signal.fg">▲ {reading.problem.message}</Text>
      ) : (
        <>
          <GearIcon look={reading.value.look} />
          <b>
            {reading.value.name}
            {reading.value.count > 1 && ` × ${reading.value.count}`}
          </b>
          <Tag>{kindInWords(reading.value, catalogue)}</Tag>
          <Tag>
            {reading.value.massG === null
              ? 'mass not known'
              : `${printMass(reading.value.massG, units)} ${reading.value.massTrust}`}
          </Tag>
          <Tag>
            {reading.value.form === null
              ? 'size not known'
              : `${printForm(reading.value.form, units)} ${reading.value.formTrust}`}
          </Tag>
          {reading.value.priceMinor !== null && (
            <Tag>{printMoney(reading.value.priceMinor, currency)}</Tag>
          )}
          {reading.value.contents !== null && (
            <Tag>
              {printNumber(reading.value.contents.full, 1)} {reading.value.contents.unit} in one
            </Tag>
          )}
          <Tag>in {homeCategory(schemeOf(bench, scheme), reading.value).name}</Tag>
        </>
      )}
    </Flex>
  );
}

function kindInWords({ kind }: Gear, { kindOf }: Catalogue): string {
  const found = kind === null ? undefined : kindOf(kind);
  return found ? `kind: ${found.name}` : 'no kind has this name';
}

function Tag({ children }: { readonly children: React.ReactNode }) {
  return (
    <Box as="span" bg="tag" borderRadius="6px" paddingX="2" paddingY="0.5">
      {children}
    </Box>
  );
}
