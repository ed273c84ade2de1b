import { Box, Flex, Text } from '@chakra-ui/react';
import { printMass } from '@/core/quantity';
import { printForm } from '@/core/gear';
import { usePreferences } from '@/store/preferences';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import type { Line } from './use-line';

/** The kinds that a line may mean, to be picked with the arrow keys and Enter, or by a press. */
export function Suggestions({ line: { suggestions, at, pick } }: { readonly line: Line }) {
  const { units } = usePreferences();
  return (
    <Box
      id="quick-add-kinds"
      role="listbox"
      aria-label="Kinds of the catalogue"
      bg="panel"
      borderWidth="1px"
      borderRadius="12px"
      marginBottom="1"
      padding="1"
      shadow="md"
    >
      {suggestions.map((kind, index) => (
        <Flex
          key={kind.id}
          id={`quick-add-kind-${index}`}
          role="option"
          aria-selected={index === at}
          align="center"
          gap="2"
          minHeight={{ base: '11', md: '9' }}
          paddingX="2"
          borderRadius="8px"
          cursor="pointer"
          bg={index === at ? 'leaf.soft' : undefined}
          _hover={{ bg: 'tag' }}
          // Before the field loses the focus to the press.
          onPointerDown={(event) => {
            event.preventDefault();
            pick(kind);
          }}
        >
          <GearIcon look={kind.look} size={24} />
          <Text flex="1" fontWeight="600">
            {kind.name}
          </Text>
          <Text fontSize="sm" color="fg.muted" textAlign="right">
            {printMass(kind.massG, units)}, {printForm(kind.form, units)}, typical
          </Text>
        </Flex>
      ))}
    </Box>
  );
}
