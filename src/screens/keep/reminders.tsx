'use client';

import { Box, Text } from '@chakra-ui/react';
import { CalendarPlus } from 'lucide-react';
import { monthsAfter } from '@/core/quantity';
import { systemBell } from '@/devices/bell/system-bell';
import { prefer, usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { Choice } from '@/ui/fields/choice';
import { Panel } from '@/ui/fields/panel';
import { saveText } from '@/ui/files/save-text';
import { say, sayRefused } from '@/ui/notice/notice';
import type { DueView } from './use-due';

/** How one is reminded: a calendar to bring in elsewhere, and a bell in here. */
export function Reminders({ view: { list, today } }: { readonly view: DueView }) {
  const { bell, calendar } = usePreferences();

  async function write(): Promise<void> {
    const { calendarOf } = await import('@/core/exchange/calendar');
    const until = monthsAfter(today, 12);
    const { text, events } = calendarOf(
      list.dues.filter(({ on }) => on <= until),
      list.kits.filter(({ on }) => on !== null && on <= until),
      today,
      calendar,
    );
    saveText(`due-${today}.ics`, text, 'text/calendar');
    prefer({ calendar: events });
    const there = events.filter(({ isCancelled }) => !isCancelled).length;
    say(
      `due-${today}.ics is written: ${there === 1 ? 'one event' : `${there} events`}, each with an alarm. Bring it into your calendar.`,
    );
  }

  async function ringBy(next: typeof bell): Promise<void> {
    if (next === 'system' && !(await systemBell.ask())) {
      sayRefused(
        'This browser may not show notices of the system: the bell rings in here. Your calendar is the surer way.',
      );
      prefer({ bell: 'here', rangOn: null });
    } else prefer({ bell: next, rangOn: null });
  }

  return (
    <Panel title="Be reminded">
      <Button onClick={() => void write()}>
        <CalendarPlus size={18} aria-hidden /> Calendar file
      </Button>
      <Text fontSize="sm" color="fg.muted" marginTop="1">
        One event a kit and day for a year ahead. Written again, it changes the same events, and
        calls off what is done.
      </Text>
      <Box marginTop="3">
        <Choice
          label="Bell"
          value={bell}
          options={[
            ['off', 'does not ring'],
            ['here', 'rings in here, once a day'],
            ['system', 'in here and by the system'],
          ]}
          minWidth="230px"
          onChange={(next) => void ringBy(next)}
        />
      </Box>
    </Panel>
  );
}
