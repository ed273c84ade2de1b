import { Box, Flex, Text } from '@chakra-ui/react';
import { printMass } from '@/core/quantity';
import { jobs, printForm } from '@/core/gear';
import type { Kind } from '@/core/catalogue';
import { usePreferences } from '@/store/preferences';
import { GearIcon } from '@/ui/gear-drawing/gear-drawing';
import type { Line } from './use-line';

/** The kinds that a line may mean, to be picked with the arrow keys and Enter, or by a press. */
export function KindChoices({ line: { choices, at, pick } }: { readonly line: Line }) {
  return (
    <Box
      id="quick-add-kinds"
      role="listbox"
      aria-label="What it may be"
      bg="panel"
      borderWidth="1px"
      borderRadius="12px"
      marginBottom="1"
      padding="1"
      shadow="md"
      maxHeight={{ md: 'calc(100dvh - 14rem)' }}
      overflowY="auto"
    >
      {choices.map((choice, index) => (
        <Flex
          key={choice?.id ?? 'none'}
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
            pick(choice);
          }}
        >
          {choice === null ? <NoKind /> : <KindChoice kind={choice} />}
        </Flex>
      ))}
    </Box>
  );
}

function KindChoice({ kind }: { readonly kind: Kind }) {
  const { units } = usePreferences();
  return (
    <>
      <GearIcon look={kind.look} size={24} />
      <Box flex="1" minWidth="0" lineHeight="1.2">
        <Text fontWeight="600">{kind.name}</Text>
        <Text fontSize="xs" color="fg.muted" truncate>
          {doesInWords(kind)}
        </Text>
      </Box>
      <Text
        fontSize="sm"
        color="fg.muted"
        textAlign="right"
        display={{ base: 'none', md: 'block' }}
      >
        {printMass(kind.massG, units)}, {printForm(kind.form, units)}, typical
      </Text>
    </>
  );
}

function NoKind() {
  return (
    <Box lineHeight="1.2">
      <Text fontWeight="600">None of these</Text>
      <Text fontSize="xs" color="fg.muted">
        a plain piece that does no job, until you say which
      </Text>
    </Box>
  );
}

/** What a kind does, in a few words. */
export function doesInWords({ supplies, cavities }: Pick<Kind, 'supplies' | 'cavities'>): string {
  const does = [...new Set(supplies.map(({ job }) => jobs[job].name))];
  const holds = cavities.length > 0 ? ['holds gear'] : [];
  return [...does.slice(0, 5), ...holds].join(' · ') || 'does no job by itself';
}
