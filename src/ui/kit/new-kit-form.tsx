'use client';

import { Field, Flex, Input } from '@chakra-ui/react';
import { useState } from 'react';
import { whyNotName } from '@/core/gear';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { perform } from '@/ui/notice/notice';

interface NewKitFormProps {
  readonly action: string;
  readonly onMade: (id: string) => void;
}

/** One field and a button: a new kit needs a name, the rest can wait. */
export function NewKitForm({ action, onMade }: NewKitFormProps) {
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  function make(): void {
    const why = whyNotName(name);
    setProblem(why === null ? null : `The name ${why}.`);
    if (why !== null) return;
    const id = newId();
    const loadout = {
      id,
      name: name.trim(),
      purpose: '',
      mostMassG: null,
      mostPriceMinor: null,
      placements: [],
      modules: [],
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
      <Field.Root invalid={problem !== null}>
        <Flex gap="2" width="100%">
          <Input
            aria-label="Name of the new kit"
            placeholder="Name of the kit"
            height="11"
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
          <Button type="submit">{action}</Button>
        </Flex>
        {problem !== null && <Field.ErrorText>{problem}</Field.ErrorText>}
      </Field.Root>
    </form>
  );
}
