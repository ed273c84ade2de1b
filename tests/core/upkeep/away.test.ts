import fc from 'fast-check';
import { lotsOf, withShares, type Gear } from '@/core/gear';
import { findingInWords, findingsOf } from '@/core/judge';
import { workedOut } from '@/core/kit';
import { newPlacement, type Bench, type Command } from '@/core/loadout';
import type { Outcome } from '@/core/quantity';
import {
  backCommand,
  borrowedCommand,
  careTaken,
  dueListOf,
  ifKeptIn,
  lentCommand,
  takenCommand,
  triedIn,
} from '@/core/upkeep';
import { benchOf, holder, kit } from '../../support/benches';
import { after, counting, kept, keptIn, lot } from '../../support/upkeep';

const today = '2027-03-10';
const inBox = { in: 'box', cavity: 'inside' } as const;

const bench = benchOf(
  [
    holder('box'),
    kept('belt-knife', 'knife'),
    kept('power-bank', 'bank', [lot('a', 1, { amiss: 'flat' })]),
  ],
  [
    kit('k', [
      newPlacement('box', 'box', { on: 'house' }),
      newPlacement('knife', 'knife', inBox),
      newPlacement('bank', 'bank', inBox),
    ]),
    kit('other'),
  ],
);

function carriedOut(of: Bench, command: Outcome<Command>): Bench {
  if (!command.ok) throw new Error(command.problem.message);
  return after(of, command.value);
}

/** So many of a piece of the kit that go away today. */
function going(placement: string, count = 1, backBy: string | null = null) {
  return { kit: bench.loadouts.get('k')!, placement, count, since: today, backBy };
}

function says(
  of: Bench,
  rule: string,
  day = today,
  { kit: id = 'k', about = '' } = {},
): readonly string[] {
  const worked = workedOut(of, of.loadouts.get(id)!, day);
  return findingsOf(worked)
    .filter((finding) => finding.rule === rule && (about === '' || finding.about.includes(about)))
    .map((finding) => findingInWords(finding, worked, 'metric'));
}

/** Three of a piece with a printed date and no lots. */
const gearOfDate = { ...kept('belt-knife', 'dated'), count: 3, goodUntil: '2028-01-01' };

describe('what is lent', () => {
  const lent = carriedOut(
    bench,
    lentCommand(bench, going('knife', 1, '2027-04-01'), 'Ida', counting()),
  );

  it('does nothing in its kit, and is asked for after its day', () => {
    expect(says(lent, 'keep/not-there', today, { about: 'knife' })).toEqual([
      'knife is lent to Ida.',
    ]);
    expect(says(lent, 'keep/lent', '2027-04-01')).toEqual([]);
    expect(says(lent, 'keep/lent', '2027-04-02')).toEqual([
      'knife is lent to Ida since 2027-03-10, to be back by 2027-04-01.',
    ]);
  });

  it('is at home again as if it had never gone', () => {
    const back = carriedOut(lent, backCommand(lent, lent.shelf.get('knife')!, counting()));
    expect(back.shelf.get('knife')).toEqual(bench.shelf.get('knife'));
  });

  it('is not to be back before it went', () => {
    const early = lentCommand(bench, going('knife', 1, '2027-03-09'), 'Ida', counting());
    expect(early).toMatchObject({
      ok: false,
      problem: { message: expect.stringContaining('It is to be back before it went.') as string },
    });
  });

  it('in part, leaves the others, and comes back to them', () => {
    const cells = kept('belt-knife', 'pegs', [
      lot('old', 2, { cameOn: '2025-01-01' }),
      lot('new', 4, { cameOn: '2026-01-01' }),
    ]);
    const many = benchOf([cells], [kit('k', [newPlacement('p', 'pegs', { on: 'house' }, 5)])]);
    const at = { kit: many.loadouts.get('k')!, placement: 'p', since: today, backBy: null };
    const away = carriedOut(many, lentCommand(many, { ...at, count: 3 }, 'Ida', counting()));
    const [lines, places] = [[...away.shelf.values()], away.loadouts.get('k')!.placements];
    expect(lines.map(({ count, lentTo }) => [count, lentTo])).toEqual([
      [3, null],
      [3, 'Ida'],
    ]);
    expect(lines[1]!.lots).toMatchObject([
      { count: 2, cameOn: '2025-01-01' },
      { count: 1, cameOn: '2026-01-01' },
    ]);
    expect(places.map(({ gear, count }) => [gear, count])).toEqual([
      ['pegs', 2],
      [lines[1]!.id, 3],
    ]);
    const back = carriedOut(away, backCommand(away, lines[1]!, counting()));
    expect([...back.shelf.values()]).toMatchObject([{ id: 'pegs', count: 6, lentTo: null }]);
    expect(back.loadouts.get('k')!.placements).toEqual(many.loadouts.get('k')!.placements);
    expect(
      back.shelf
        .get('pegs')!
        .lots.map(({ count, cameOn }) => [cameOn, count])
        .sort(),
    ).toEqual(cells.lots.map(({ count, cameOn }) => [cameOn, count]));
    // What is laid out and not there cannot be lent.
    const over = benchOf(
      [gearOfDate],
      [
        kit('k', [
          newPlacement('p', 'dated', { on: 'house' }, 2),
          newPlacement('q', 'dated', { on: 'mat' }, 2),
        ]),
      ],
    );
    const second = { ...at, kit: over.loadouts.get('k')!, placement: 'q', count: 2 };
    expect(lentCommand(over, second, 'Ida', counting())).toMatchObject({ ok: false });
    // Another line that is like it in everything stays another line.
    const twin = benchOf(
      [kept('belt-knife', 'one'), { ...kept('belt-knife', 'other'), name: 'one' }],
      [kit('k', [newPlacement('p', 'one', { on: 'house' })])],
    );
    const whole = { ...at, kit: twin.loadouts.get('k')!, count: 1 };
    const lent1 = carriedOut(twin, lentCommand(twin, whole, 'Ida', counting()));
    const home = carriedOut(lent1, backCommand(lent1, lent1.shelf.get('one')!, counting()));
    expect(home).toEqual(twin);
    expect(lentCommand(many, { ...at, count: 6 }, 'Ida', counting())).toMatchObject({ ok: false });
    expect(lentCommand(many, { ...at, count: 0 }, 'Ida', counting())).toMatchObject({ ok: false });
  });
});

describe('what is lent in part', () => {
  it('is with the others again as if it had never gone, whatever lots there are (law)', () => {
    const days = fc.constantFrom(null, '2025-01-01', '2026-01-01');
    const looked = fc.constantFrom(null, '2026-05-01');
    const lots = fc.array(fc.tuple(fc.integer({ min: 1, max: 5 }), days, looked), {
      minLength: 1,
      maxLength: 4,
    });
    fc.assert(
      fc.property(lots, fc.nat(), fc.nat(), (some, here, away) => {
        const of = some.map(([count, cameOn, checkedOn], at) =>
          lot(`l${at}`, count, { cameOn, checkedOn }),
        );
        const pegs = kept('belt-knife', 'pegs', of);
        const inKit = 1 + (here % pegs.count);
        const start = benchOf(
          [pegs],
          [kit('k', [newPlacement('p', 'pegs', { on: 'house' }, inKit)])],
        );
        const at = { kit: start.loadouts.get('k')!, placement: 'p', since: today, backBy: null };
        const count = 1 + (away % inKit);
        const gone = carriedOut(start, lentCommand(start, { ...at, count }, 'Ida', counting()));
        const lent = [...gone.shelf.values()].find(({ lentTo }) => lentTo === 'Ida')!;
        expect(lent.count).toBe(count);
        expect([...gone.shelf.values()].reduce((sum, each) => sum + each.count, 0)).toBe(
          pegs.count,
        );
        const back = carriedOut(gone, backCommand(gone, lent, counting()));
        const bare = (line: Gear) =>
          lotsOf(line)
            .map((one) => [one.count, one.cameOn, one.checkedOn].join())
            .sort()
            .join(' ');
        // Lots of one history are one.
        const joined = (line: Gear) => withShares(line, [], () => null);
        expect([...back.shelf.values()].map(joined).map(bare)).toEqual([bare(joined(pegs))]);
        expect(back.loadouts.get('k')!.placements).toEqual(start.loadouts.get('k')!.placements);
      }),
    );
  });
});

describe('what is borrowed', () => {
  const borrowed = carriedOut(
    bench,
    borrowedCommand(bench, going('knife', 1, '2027-04-01'), 'Bo', counting()),
  );

  it('counts until its day', () => {
    expect(says(borrowed, 'keep/not-there', '2027-04-01', { about: 'knife' })).toEqual([]);
    expect(says(borrowed, 'keep/not-there', '2027-04-02', { about: 'knife' })).toEqual([
      'knife goes back to whose it is before then.',
    ]);
    expect(says(borrowed, 'keep/lent', '2027-04-02')).toEqual([
      'knife was to go back to Bo by 2027-04-01.',
    ]);
  });

  it('given back, leaves its kits and stays as retired', () => {
    const knife = borrowed.shelf.get('knife')!;
    const back = carriedOut(borrowed, backCommand(borrowed, knife, counting()));
    expect(back.loadouts.get('k')!.placements.map(({ id }) => id)).toEqual(['box', 'bank']);
    expect(back.shelf.get('knife')).toMatchObject({ ownership: 'retired', borrowedFrom: null });
  });
});

describe('what is taken for another kit', () => {
  const { loadouts } = bench;
  const command = takenCommand(bench, going('knife'), loadouts.get('other')!, counting());
  const taken = carriedOut(bench, command);

  it('lies on the mat there, and leaves a hole where it was', () => {
    expect(taken.loadouts.get('other')!.placements).toMatchObject([
      { gear: 'knife', place: { on: 'mat' } },
    ]);
    expect(says(taken, 'keep/lent')).toEqual([
      'knife was taken for other since 2027-03-10: there is a hole here.',
    ]);
    expect(says(taken, 'keep/lent', today, { kit: 'other' })).toEqual([]);
  });

  it('goes back where it was, or to the mat where that is gone', () => {
    const back = carriedOut(taken, backCommand(taken, taken.shelf.get('knife')!, counting()));
    expect(back.loadouts.get('other')!.placements).toEqual([]);
    expect(back.loadouts.get('k')!.placements.find(({ gear }) => gear === 'knife')!.place).toEqual(
      inBox,
    );
    const without = after(taken, { do: 'remove gear', id: 'box' });
    const mat = carriedOut(without, backCommand(without, without.shelf.get('knife')!, counting()));
    expect(mat.loadouts.get('k')!.placements.find(({ gear }) => gear === 'knife')!.place).toEqual({
      on: 'mat',
    });
  });

  it('is not taken twice, and what is at home does not come back', () => {
    const other = taken.loadouts.get('other')!;
    const again = { ...going('knife'), kit: other, placement: other.placements[0]!.id };
    const twice = takenCommand(taken, again, taken.loadouts.get('k')!, counting());
    expect(twice).toMatchObject({ ok: false });
    expect(backCommand(bench, bench.shelf.get('knife')!, counting())).toMatchObject({ ok: false });
  });
});

describe('care that was taken', () => {
  it('of what was flat, makes it count again', () => {
    const never = dueListOf(bench, today).never.filter(({ gear }) => gear.id === 'bank');
    const charged = carriedOut(bench, careTaken(bench, never, today));
    expect(charged.shelf.get('bank')!.lots).toMatchObject([{ filledOn: today, amiss: null }]);
    expect(says(bench, 'keep/not-there')).toEqual(['bank is flat.']);
    expect(says(charged, 'keep/not-there')).toEqual([]);
  });

  it('is asked for in its kit once it is overdue', () => {
    const seen = after(bench, {
      do: 'change gear',
      id: 'knife',
      change: { lots: [lot('a', 1, { checkedOn: '2026-08-01' })] },
    });
    expect(says(seen, 'keep/due', '2027-02-01')).toEqual([]);
    expect(says(seen, 'keep/due', '2027-02-02')).toEqual([
      'One thing is due: knife, inspect, since 2027-02-01; the kit was to be looked through by 2027-02-01.',
    ]);
  });
});

describe('what is past its date on the way', () => {
  it('is said with the day on which the trip ends', () => {
    const food = kept('trail-meal', 'food', [lot('a', 4, { goodUntil: '2027-05-31' })]);
    const when = { on: 'days', from: '2027-05-28', to: '2027-06-03' } as const;
    const trip = { ...kit('k', [newPlacement('food', 'food', { on: 'body' }, 4)]) };
    const of = benchOf([food], [{ ...trip, brief: keptIn('house', { when }) }]);
    expect(says(of, 'keep/expired')).toEqual([
      'food is good until 2027-05-31, and the trip ends on 2027-06-03.',
    ]);
    expect(says(of, 'keep/expired', '2027-06-05')).toEqual(['food was good until 2027-05-31.']);
  });

  it('looks ahead to the next inspection in a kit that is ready for any month', () => {
    const pen = kept('allergy-pen', 'pen', [
      lot('a', 1, { cameOn: '2026-11-20', goodUntil: '2027-02-28' }),
    ]);
    const when = { on: 'months', fromMonth: 1, toMonth: 12, nights: 1 } as const;
    const ready = { ...kit('k', [newPlacement('pen', 'pen', { on: 'body' })]) };
    const of = benchOf([pen], [{ ...ready, brief: keptIn('house', { when }) }]);
    // The year ends on 31 December, and six months from the day on which the pen came are not over then.
    expect(says(of, 'keep/expired', '2026-12-02')).toEqual([
      'pen is good until 2027-02-28, and the next inspection is due on 2027-05-20.',
    ]);
    expect(says(of, 'keep/expired', '2027-03-01')).toEqual(['pen was good until 2027-02-28.']);
  });
});

describe('a kit that is kept elsewhere', () => {
  it('says how much sooner its dates come in a vehicle, and what comes soonest', () => {
    const water = kept('drinking-water', 'water', [
      lot('a', 4, { cameOn: '2027-01-01', goodUntil: '2030-01-01' }),
    ]);
    const of = benchOf([water], [kit('k', [newPlacement('water', 'water', { on: 'house' }, 4)])]);
    const moved = ifKeptIn(of.loadouts.get('k')!, of, 'vehicle', today);
    // Looking at it every three months instead of six, and its date.
    expect(moved).toMatchObject({ sooner: 2, later: 0, most: { due: { act: 'replace' } } });
    expect(moved.most!.days).toBeLessThan(-200);
    expect(ifKeptIn(of.loadouts.get('k')!, of, 'house', today).most).toBeNull();
  });
});

describe('made ready and tried', () => {
  it('is counted over a kit, what failed not counted in', () => {
    const check = { kind: 'trial', on: today } as const;
    const bottle = kept('steel-bottle', 'bottle', [], {
      checks: [
        { ...check, what: 'filled four hours on its side: dry outside, no taste', passed: true },
      ],
    });
    const rod = kept('ferro-rod', 'rod', [], {
      checks: [{ ...check, what: 'ten strikes light own tinder', passed: false }],
    });
    const of = benchOf(
      [bottle, rod, kept('headlamp', 'lamp')],
      [
        kit(
          'k',
          ['bottle', 'rod', 'lamp'].map((id) => newPlacement(id, id, { on: 'body' })),
        ),
      ],
    );
    expect(triedIn(of.loadouts.get('k')!, of.shelf)).toEqual({
      ready: 0,
      toReady: 2,
      tried: 1,
      toTry: 3,
    });
  });
});
