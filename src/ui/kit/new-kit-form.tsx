'use client';

import { Flex, Text } from '@chakra-ui/react';
import { useId, useState } from 'react';
import { says as refusals } from '@/core/quantity';
import { whyNotName } from '@/core/gear';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { Input } from '@/ui/fields/input';
import { perform } from '@/ui/notice/notice';

interface NewKitFormProps {
  readonly action: string;
  readonly onMade: (id: string) => void;
}

/** One field and a button: a new kit needs a name, the rest can wait. */
export function NewKitForm({ action, onMade }: NewKitFormProps) {
  const says = useId();
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  function make(): void {
    const why = whyNotName(name);
    setProblem(why === null ? null : refusals.name(why));
    if (why !== null) return;
    const id = newId();
    const loadout = {
      id,
      name: name.trim(),
      purpose: '',
      mostMassG: null,
      mostPriceMinor: null,
      wishes: [],
      brief: null,
      otherBriefs: [],
      placements: [],
      modules: [],
      seals: [],
      copyOf: null,
    };
    if (perform({ do: 'add kit', loadout })) {
      setName('');
      onMade(id);
    }
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        make();
      }}
    >
      <Flex gap="2" width="100%">
        <Input
          width="100%"
          height="11"
          aria-label="Name of the new kit"
          aria-invalid={problem !== null}
          aria-describedby={problem === null ? undefined : says}
          placeholder="Name of the kit"
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <Button type="submit">{action}</Button>
      </Flex>
      {problem !== null && (
        <Text id={says} role="alert" marginTop="1" fontSize="sm" color="fg.error">
          {problem}
        </Text>
      )}
    </form>
  );
}
