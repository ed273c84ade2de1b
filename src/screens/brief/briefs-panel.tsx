'use client';

import { Flex } from '@chakra-ui/react';
import { presets, withPreset } from '@/core/brief/presets';
import { noWeather, type Brief } from '@/core/brief';
import { mostOtherBriefs } from '@/core/loadout';
import { Button } from '@/ui/fields/button';
import { Choice } from '@/ui/fields/choice';
import { Panel } from '@/ui/fields/panel';
import type { KitView } from '@/ui/kit/kit-view';
import { perform } from '@/ui/notice/notice';
import { TextField } from './text-field';
import type { BriefProps } from './use-brief';

interface BriefsPanelProps extends BriefProps {
  readonly view: KitView;
  readonly today: string;
}

/** What the kit is for in a word, from a preset; and its other briefs, as for other seasons. */
export function BriefsPanel({ brief, change, view, today }: BriefsPanelProps) {
  const { own } = view;
  const preset = presets.find(({ id }) => id === brief.preset);
  const others = own.otherBriefs;
  return (
    <Panel
      title={`What ${own.name} is for`}
      says={preset?.says ?? 'Start from a usual kind of kit, or say it from nothing.'}
    >
      <Flex gap="3" wrap="wrap" align="flex-end">
        <Choice
          label="Start from"
          value={brief.preset ?? ''}
          options={[['', 'nothing'], ...presets.map(({ id, name }) => [id, name] as const)]}
          onChange={(id) => {
            const chosen = presets.find((each) => each.id === id);
            change(chosen ? withPreset(own.brief, chosen, today) : { preset: null });
          }}
        />
        <TextField
          label="Name of this brief"
          flex="1 1 150px"
          placeholder="as Late September"
          value={brief.name}
          onChange={(name) => change({ name })}
        />
      </Flex>
      {own.brief !== null && (
        <Flex gap="3" wrap="wrap" align="flex-end" marginTop="3">
          {others.length > 0 && (
            <Choice
              label="Judged by"
              value=""
              options={[
                ['', brief.name || 'this brief'],
                ...others.map(({ name }, at) => [String(at), name || `brief ${at + 2}`] as const),
              ]}
              onChange={(at) => {
                const other = at === '' ? undefined : others[Number(at)];
                if (other)
                  set(
                    other,
                    others.map((each) => (each === other ? brief : each)),
                  );
              }}
            />
          )}
          {others.length < mostOtherBriefs && (
            <Button
              onClick={() =>
                set(
                  {
                    ...brief,
                    name: `${brief.name || 'Brief'}, another season`.slice(0, 120),
                    weather: noWeather,
                  },
                  [...others, brief],
                )
              }
            >
              Another season beside it
            </Button>
          )}
          {others.length > 0 && (
            <Button variant="bare" onClick={() => set(others[0]!, others.slice(1))}>
              Drop this brief
            </Button>
          )}
        </Flex>
      )}
    </Panel>
  );

  function set(next: Brief, otherBriefs: readonly Brief[]): void {
    perform({ do: 'change kit', id: own.id, change: { brief: next, otherBriefs } });
  }
}
