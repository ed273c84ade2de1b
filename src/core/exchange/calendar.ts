import ical, { ICalAlarmRelatesTo, ICalAlarmType, ICalEventStatus } from 'ical-generator';
import { actInWords, type Due, type KitDue } from '../upkeep';

/** An event as an earlier export had it, so that a calendar takes the new one for the same. */
export interface EventBefore {
  readonly uid: string;
  readonly sequence: number;
  readonly day: string;
  readonly summary: string;
  readonly isCancelled: boolean;
}

/** A calendar as a file’s text, and its events for the next export. */
export interface CalendarFile {
  readonly text: string;
  readonly events: readonly EventBefore[];
}

/** The alarm rings at nine in the morning of the day, in seconds after its start. */
const alarmAfterS = 9 * 3600;

interface Event {
  readonly uid: string;
  readonly day: string;
  readonly summary: string;
  readonly lines: readonly string[];
}

/**
 * What falls due as a calendar (RFC 5545): one event a kit and day, all day long, with its lines in the description and an
 * alarm. The same kit and day have the same UID in every export, with a SEQUENCE that counts up; what an earlier export had
 * and this one has not is called off, so that no calendar rings for what is done.
 *
 * @param before the events of the export before this one.
 * @param today YYYY-MM-DD: what is overdue stands on this day.
 */
export function calendarOf(
  dues: readonly Due[],
  kits: readonly KitDue[],
  today: string,
  before: readonly EventBefore[] = [],
): CalendarFile {
  const events = eventsOf(dues, kits, today);
  const known = new Map(before.map((each) => [each.uid, each]));
  const calendar = ical({
    name: 'Kits: what falls due',
    prodId: { company: 'vivid-acorn', product: 'keep', language: 'EN' },
  });
  const written: EventBefore[] = [];
  const add = ({ uid, day, summary, lines }: Event, isCancelled: boolean) => {
    const earlier = known.get(uid);
    const sequence = earlier === undefined ? 0 : earlier.sequence + 1;
    const event = calendar.createEvent({
      id: uid,
      sequence,
      stamp: midnight(today),
      start: midnight(day),
      allDay: true,
      timezone: 'UTC',
      summary,
      description: lines.join('\n'),
      ...(isCancelled && { status: ICalEventStatus.CANCELLED }),
    });
    if (!isCancelled) {
      event
        .createAlarm({
          type: ICalAlarmType.display,
          triggerAfter: alarmAfterS,
          description: summary,
        })
        .relatesTo(ICalAlarmRelatesTo.start);
    }
    written.push({ uid, sequence, day, summary, isCancelled });
  };
  for (const event of events) add(event, false);
  const now = new Set(events.map(({ uid }) => uid));
  for (const { uid, day, summary, isCancelled } of before) {
    if (!now.has(uid) && !isCancelled) add({ uid, day, summary, lines: [] }, true);
  }
  // What single programs read beside the standard is no use to others.
  const text = calendar.toString().replace(/^X-MICROSOFT-[^\r\n]*\r?\n/gm, '');
  return { text: text.endsWith('\n') ? text : `${text}\r\n`, events: written };
}

function eventsOf(dues: readonly Due[], kits: readonly KitDue[], today: string): readonly Event[] {
  const events = new Map<string, Event & { readonly lines: string[] }>();
  const eventOf = (id: string, name: string, due: string) => {
    // What is overdue is called for today, under the day that it was due: tomorrow it is the same event.
    const uid = `${id}.${due}@keep.vivid-acorn`;
    const event = events.get(uid) ?? {
      uid,
      day: due < today ? today : due,
      summary: `${name}: due`,
      lines: [],
    };
    events.set(uid, event);
    return event;
  };
  for (const due of dues) {
    const { kit, gear, count, on } = due;
    const many = count > 1 ? ` × ${count}` : '';
    const event = eventOf(kit?.id ?? 'the-shelf', kit?.name ?? 'On the shelf', on);
    const since = on < today ? ` (due since ${on})` : '';
    event.lines.push(`${gear.name}${many}: ${actInWords(due)}${since}`);
  }
  for (const { kit, on } of kits) {
    if (on !== null) eventOf(kit.id, kit.name, on).lines.push('Look the whole kit through');
  }
  return [...events.values()]
    .map((event) => ({ ...event, summary: `${event.summary}, ${things(event.lines.length)}` }))
    .sort((one, other) => (one.day + one.uid < other.day + other.uid ? -1 : 1));
}

function things(count: number): string {
  return count === 1 ? 'one thing' : `${count} things`;
}

function midnight(day: string): Date {
  return new Date(`${day}T00:00:00Z`);
}

/**
 * The events of a calendar that was exported before, so that the next one goes on from it: those of this program alone.
 * A file from elsewhere has none. It is read line by line, once.
 */
export function eventsIn(text: string): readonly EventBefore[] {
  const events: EventBefore[] = [];
  let fields: Map<string, string> | null = null;
  for (const line of unfolded(text)) {
    if (line === 'BEGIN:VEVENT') fields = new Map();
    else if (line === 'END:VEVENT') {
      const event = fields && eventOf(fields);
      if (event) events.push(event);
      fields = null;
    } else if (fields) {
      const [, name, value] = /^([A-Z-]+)[^:]*:(.*)$/.exec(line) ?? [];
      // The event’s own stand before those of its alarm.
      if (name !== undefined && !fields.has(name)) fields.set(name, value!.trim());
    }
  }
  return events;
}

/** The lines of a calendar, each whole: one that begins with a blank goes on from the one before. */
function unfolded(text: string): readonly string[] {
  const lines: string[][] = [];
  for (const line of text.split(/\r?\n/)) {
    if (/^[ \t]/.test(line) && lines.length > 0) lines.at(-1)!.push(line.slice(1));
    else lines.push([line]);
  }
  return lines.map((parts) => parts.join(''));
}

function eventOf(fields: ReadonlyMap<string, string>): EventBefore | null {
  const uid = fields.get('UID');
  const start = /^(\d{4})(\d{2})(\d{2})$/.exec(fields.get('DTSTART') ?? '');
  if (!uid?.endsWith('@keep.vivid-acorn') || !start) return null;
  return {
    uid,
    sequence: Number(fields.get('SEQUENCE') ?? 0) || 0,
    day: start.slice(1).join('-'),
    summary: (fields.get('SUMMARY') ?? '').replace(/\\([,;\\])/g, '$1'),
    isCancelled: fields.get('STATUS') === 'CANCELLED',
  };
}

/** Whether a text is a calendar of this program in which nothing stands. */
export function isEmptyCalendar(text: string): boolean {
  return text.includes('PRODID:-//vivid-acorn//keep//') && !text.includes('BEGIN:VEVENT');
}
