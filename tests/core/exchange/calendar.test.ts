import ICAL from 'ical.js';
import { calendarOf, eventsIn } from '@/core/exchange/calendar';
import { newPlacement, type Bench } from '@/core/loadout';
import { careTaken, dueListOf } from '@/core/upkeep';
import { benchOf, kit } from '../../support/benches';
import { after, kept, lot } from '../../support/upkeep';

const today = '2027-03-10';

const bench = benchOf(
  [
    kept('belt-knife', 'Knife; with, commas\\', [lot('a', 1, { checkedOn: '2026-08-31' })]),
    kept('drinking-water', 'water', [lot('a', 6, { goodUntil: '2027-06-30' })]),
  ].map((gear, at) => ({ ...gear, id: `g${at}` })),
  [
    kit('k', [
      newPlacement('knife', 'g0', { on: 'body' }),
      newPlacement('water', 'g1', { on: 'body' }, 6),
    ]),
  ],
);

function written(of: Bench, before?: Parameters<typeof calendarOf>[3], day = today) {
  const { dues, kits } = dueListOf(of, day);
  return calendarOf(dues, kits, day, before);
}

/** A calendar as another library reads it. */
function readElsewhere(text: string) {
  const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
  return calendar.getAllSubcomponents('vevent').map((component) => {
    const event = new ICAL.Event(component);
    return {
      uid: event.uid,
      sequence: event.sequence,
      day: event.startDate.toString(),
      isAllDay: event.startDate.isDate,
      lines: event.description ?? '',
      alarms: component.getAllSubcomponents('valarm').length,
      status: component.getFirstPropertyValue('status'),
    };
  });
}

describe('a calendar', () => {
  const first = written(bench);

  it('is read by another library: one event a kit and day, all day, with its lines and an alarm', () => {
    expect(readElsewhere(first.text)).toEqual([
      {
        uid: 'k.2027-02-28@keep.vivid-acorn',
        sequence: 0,
        // What is overdue is called for today.
        day: today,
        isAllDay: true,
        lines:
          'Knife; with, commas\\: look it over (due since 2027-02-28)\nLook the whole kit through',
        alarms: 1,
        status: null,
      },
      {
        uid: 'k.2027-06-30@keep.vivid-acorn',
        sequence: 0,
        day: '2027-06-30',
        isAllDay: true,
        lines: 'water × 6: its date: renew it',
        alarms: 1,
        status: null,
      },
    ]);
  });

  it('is of the standard’s form: lines of 75 bytes at most, ended by CR LF', () => {
    for (const line of first.text.split('\r\n')) {
      expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
    }
    expect(first.text.replaceAll('\r\n', '')).not.toMatch(/[\r\n]/);
    expect(first.text.endsWith('END:VCALENDAR\r\n')).toBe(true);
  });

  it('written again after a change has the same events, counted up, and calls off what is done', () => {
    const knife = dueListOf(bench, today).dues.filter(({ gear }) => gear.id === 'g0');
    const taken = careTaken(bench, knife, today);
    if (!taken.ok) throw new Error(taken.problem.message);
    const next = written(after(bench, taken.value), first.events);
    expect(
      readElsewhere(next.text).map(({ uid, sequence, status, alarms }) => [
        uid,
        sequence,
        status,
        alarms,
      ]),
    ).toEqual([
      ['k.2027-06-30@keep.vivid-acorn', 1, null, 1],
      ['k.2027-09-10@keep.vivid-acorn', 0, null, 1],
      ['k.2027-02-28@keep.vivid-acorn', 1, 'CANCELLED', 0],
    ]);
    // Called off once, it is not called off again.
    const last = written(after(bench, taken.value), next.events);
    expect(readElsewhere(last.text).map(({ sequence }) => sequence)).toEqual([2, 1]);
  });

  it('goes on from the file that was written before, and from no other', () => {
    expect(eventsIn(first.text)).toEqual(first.events);
    expect(
      eventsIn(
        'BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nUID:x@elsewhere\r\nDTSTART;VALUE=DATE:20270101\r\nEND:VEVENT\r\nEND:VCALENDAR',
      ),
    ).toEqual([]);
    expect(eventsIn('no calendar at all')).toEqual([]);
  });

  it('is read back whatever a kit is called', () => {
    const name = 'END:VEVENT, of; a\\BEGIN:VEVENT';
    const kits = [...bench.loadouts.values()].map((each) => [each.id, { ...each, name }] as const);
    const file = written({ ...bench, loadouts: new Map(kits) });
    expect(file.events[0]!.summary).toContain(name);
    expect(eventsIn(file.text)).toEqual(file.events);
  });

  it('is read in one pass, however many events begin and never end', () => {
    const many = 'BEGIN:VEVENT\r\nUID:x@keep.vivid-acorn\r\n'.repeat(200_000);
    expect(eventsIn(`${many}DTSTART;VALUE=DATE:20270101\r\nEND:VEVENT\r\n`)).toHaveLength(1);
  });

  it('does not depend on the clock of the place', () => {
    expect(first.text).toContain('DTSTART;VALUE=DATE:20270630');
    expect(first.text).toContain('TRIGGER;RELATED=START:PT9H');
  });
});
