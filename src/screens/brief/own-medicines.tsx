'use client';

import { Flex } from '@chakra-ui/react';
import { Plus } from 'lucide-react';
import { briefRanges, mostMedicines, type OwnMedicine } from '@/core/brief';
import { Button } from '@/ui/fields/button';
import { FigureField } from './figure-field';
import { TextField } from './text-field';

interface OwnMedicinesProps {
  readonly medicines: readonly OwnMedicine[];
  readonly onChange: (medicines: readonly OwnMedicine[]) => void;
}

const unnamed = 'own medicine';

/** What somebody takes, medicine by medicine; one without doses is no longer taken. */
export function OwnMedicines({ medicines, onChange }: OwnMedicinesProps) {
  const rows: readonly (OwnMedicine | null)[] = medicines.length === 0 ? [null] : medicines;
  const set = (at: number, next: OwnMedicine | null) =>
    onChange(
      next === null
        ? medicines.filter((_, which) => which !== at)
        : [...medicines.slice(0, at), next, ...medicines.slice(at + 1)],
    );
  return (
    <Flex direction="column" gap="2">
      {rows.map((medicine, at) => (
        <Flex key={at} gap="2" wrap="wrap" align="flex-end">
          <FigureField
            label={at === 0 ? 'Doses of own medicine a day' : `Doses a day of medicine ${at + 1}`}
            width="200px"
            range={{ ...briefRanges.dosesPerDay, orNothing: true }}
            value={medicine?.dosesPerDay ?? null}
            onChange={(dosesPerDay) =>
              set(at, dosesPerDay ? { name: medicine?.name ?? unnamed, dosesPerDay } : null)
            }
          />
          {medicine && (
            <TextField
              label={at === 0 ? 'It is called' : `Medicine ${at + 1} is called`}
              flex="1 1 130px"
              value={medicine.name === unnamed ? '' : medicine.name}
              placeholder={unnamed}
              onChange={(name) => set(at, { ...medicine, name: name || unnamed })}
            />
          )}
          {medicine && at === medicines.length - 1 && medicines.length < mostMedicines && (
            <Button
              variant="bare"
              onClick={() => onChange([...medicines, { name: unnamed, dosesPerDay: 1 }])}
            >
              <Plus size={18} aria-hidden /> Another
            </Button>
          )}
        </Flex>
      ))}
    </Flex>
  );
}
