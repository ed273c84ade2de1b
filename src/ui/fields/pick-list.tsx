'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { Input } from '@/ui/fields/input';
import { useTypeAhead } from '@/ui/fields/type-ahead';
import { useEffect, useEffectEvent, useId, useState } from 'react';

export interface Choice {
  readonly key: string;
  readonly name: string;
  /** What is worth knowing before choosing it. */
  readonly detail?: string;
  readonly isAlarming?: boolean;
}

interface PickListProps {
  readonly label: string;
  readonly placeholder: string;
  readonly choices: readonly Choice[];
  readonly mostShown: number;
  readonly onPick: (key: string) => void;
  /** What is shown while nothing is typed, below the list. */
  readonly foot?: React.ReactNode;
}

/** A list narrowed by typing and walked by the arrow keys; Enter picks. */
export function PickList({ label, placeholder, choices, mostShown, onPick, foot }: PickListProps) {
  const { typed, onType, isEntered } = useTypeAhead();
  const [at, setAt] = useState(0);
  const id = useId();
  const words = typed.toLowerCase().split(/\s+/);
  const found = choices
    .filter(({ name }) => words.every((word) => name.toLowerCase().includes(word)))
    .slice(0, mostShown);
  const chosen = Math.min(at, found.length - 1);
  const pick = useEffectEvent(() => {
    const picked = found[chosen];
    if (picked) onPick(picked.key);
  });
  useEffect(() => {
    if (isEntered) pick();
  }, [isEntered]);
  return (
    <>
      <Input
        autoFocus
        aria-label={label}
        role="combobox"
        aria-expanded
        aria-controls={id}
        aria-activedescendant={found[chosen] ? `${id}-${chosen}` : undefined}
        placeholder={placeholder}
        size="lg"
        value={typed}
        onChange={(event) => {
          onType(event.target.value);
          setAt(0);
        }}
        onKeyDown={(event) => {
          const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
          const picked = found[chosen];
          if (step !== undefined) setAt((chosen + step + found.length) % Math.max(1, found.length));
          else if (event.key === 'Enter' && picked) onPick(picked.key);
          else return;
          event.preventDefault();
        }}
      />
      <Box
        role="listbox"
        id={id}
        aria-label={`${label}: choices`}
        marginTop="2"
        maxHeight="52vh"
        overflowY="auto"
      >
        {found.map(({ key, name, detail, isAlarming }, index) => (
          <Flex
            key={key}
            id={`${id}-${index}`}
            role="option"
            aria-selected={index === chosen}
            align="center"
            justify="space-between"
            gap="3"
            minHeight="11"
            paddingX="3"
            borderRadius="8px"
            cursor="pointer"
            bg={index === chosen ? 'leaf.soft' : undefined}
            _hover={{ bg: 'tag' }}
            onClick={() => onPick(key)}
          >
            <span>{name}</span>
            {detail !== undefined && (
              <Text
                as="span"
                fontSize="sm"
                textAlign="right"
                color={isAlarming ? 'signal.fg' : 'fg.muted'}
              >
                {detail}
              </Text>
            )}
          </Flex>
        ))}
      </Box>
      {found.length === 0 && <Text padding="3">Nothing here has these words.</Text>}
      {typed === '' && foot}
    </>
  );
}
