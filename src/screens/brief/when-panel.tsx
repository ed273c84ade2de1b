'use client';

import { Flex, Text } from '@chakra-ui/react';
import { briefRanges, type When } from '@/core/brief';
import { dayAfter } from '@/core/quantity';
import { Choice } from '@/ui/fields/choice';
import { Field } from '@/ui/fields/field';
import { Input } from '@/ui/fields/input';
import { Panel } from '@/ui/fields/panel';
import { PillSwitch } from '@/ui/fields/pill-switch';
import { monthNames } from '@/core/quantity';
import { FigureField } from './figure-field';
import type { BriefProps } from './use-brief';

const months = monthNames.map((name, at) => [String(at + 1), name] as const);

/** When: days of a calendar, or any time from one month to another. */
export function WhenPanel({ brief, change, today }: BriefProps & { readonly today: string }) {
  const { when } = brief;
  const kind = when?.on ?? 'unsaid';
  return (
    <Panel
      title="When"
      says="What runs out on the way is out: the kit is judged on the last day, at the worst of the time."
    >
      <PillSwitch<When['on'] | 'unsaid'>
        label="When"
        value={kind}
        options={[
          ['days', 'On days'],
          ['months', 'Any time in months'],
          ['unsaid', 'Not said'],
        ]}
        onChange={(next) =>
          change({
            when:
              next === 'unsaid'
                ? null
                : next === 'days'
                  ? { on: 'days', from: today, to: dayAfter(today, 2) }
                  : { on: 'months', fromMonth: 1, toMonth: 12, nights: 2 },
          })
        }
      />
      <Flex gap="3" wrap="wrap" marginTop="3">
        {when?.on === 'days' && (
          <>
            <Day
              label="From"
              value={when.from}
              onChange={(from) =>
                change({ when: { ...when, from, to: from > when.to ? from : when.to } })
              }
            />
            <Day
              label="To"
              value={when.to}
              least={when.from}
              onChange={(to) => change({ when: { ...when, to } })}
            />
          </>
        )}
        {when?.on === 'months' && (
          <>
            <Choice
              label="From"
              value={String(when.fromMonth)}
              options={months}
              onChange={(month) => change({ when: { ...when, fromMonth: Number(month) } })}
            />
            <Choice
              label="To"
              value={String(when.toMonth)}
              options={months}
              onChange={(month) => change({ when: { ...when, toMonth: Number(month) } })}
            />
            <FigureField
              label="Nights"
              isAsked
              width="90px"
              range={briefRanges.nights}
              value={when.nights}
              onChange={(nights) => change({ when: { ...when, nights: nights ?? 0 } })}
            />
          </>
        )}
      </Flex>
      {when === null && (
        <Text fontSize="sm" color="fg.muted">
          Without a time nothing can be said of light, cold or how long it lasts.
        </Text>
      )}
    </Panel>
  );
}

interface DayProps {
  readonly label: string;
  readonly value: string;
  readonly least?: string;
  readonly onChange: (day: string) => void;
}

function Day({ label, value, least, onChange }: DayProps) {
  return (
    <Field label={label}>
      {(control) => (
        <Input
          {...control}
          type="date"
          height="11"
          min={least}
          value={value}
          onChange={(event) => event.target.value !== '' && onChange(event.target.value)}
        />
      )}
    </Field>
  );
}
