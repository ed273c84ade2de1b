import { dividedBy, findingsOf, withSetAside } from '@/core/judge';
import { workedOut } from '@/core/kit';
import { apply, type Bench, type Command } from '@/core/loadout';
import { readFile, writeFile } from '@/core/exchange';
import { benchOfKinds } from '../../support/kits-of-kinds';

const today = '2027-09-01';

function findings(bench: Bench) {
  const own = bench.loadouts.get('k')!;
  return dividedBy(own, findingsOf(workedOut(bench, own, today)));
}

function after(bench: Bench, command: Command): Bench {
  const done = apply(bench, command);
  if (!done.ok) throw new Error(done.problem.message);
  return done.value;
}

describe('a finding that is let be', () => {
  const bench = benchOfKinds({ holds: 'group-pot, oat-bar', kit: { mostMassG: 500 } });
  const over = findings(bench).open.find(({ rule }) => rule === 'stow/limits')!;
  const own = bench.loadouts.get('k')!;
  const setAside = withSetAside(own, findings(bench).open, over, { note: 'It floats.', on: today });
  const letBe = after(bench, { do: 'change kit', id: 'k', change: { setAside } });

  it('is told no more, and everything else is', () => {
    expect(findings(letBe).open).toEqual(
      findings(bench).open.filter((each) => each !== over && each.rule !== 'stow/limits'),
    );
    expect(findings(letBe).letBe).toEqual([
      { ...over, as: expect.objectContaining({ note: 'It floats.', on: today }) },
    ]);
  });

  it('is kept in the file with the kit', () => {
    const read = readFile(writeFile(letBe));
    expect(read.ok && findings(read.value).letBe.map(({ rule }) => rule)).toEqual(['stow/limits']);
  });

  it('comes back when what it was found by changes, and goes again when that is as it was', () => {
    const heavier = after(letBe, { do: 'set count', loadout: 'k', placement: 'oat-bar', count: 1 });
    expect(findings(heavier).letBe).toHaveLength(1);
    const other = after(letBe, { do: 'change gear', id: 'group-pot', change: { massG: 777 } });
    expect(findings(other).letBe).toEqual([]);
    expect(findings(other).open.some(({ rule }) => rule === 'stow/limits')).toBe(true);
    const again = after(other, {
      do: 'change gear',
      id: 'group-pot',
      change: { massG: letBe.shelf.get('group-pot')!.massG },
    });
    expect(findings(again).letBe).toHaveLength(1);
  });

  it('is forgotten once another is let be and it is no longer found', () => {
    const lighter = after(letBe, { do: 'change kit', id: 'k', change: { mostMassG: 9000 } });
    const [first] = findings(lighter).open;
    const kept = withSetAside(lighter.loadouts.get('k')!, findings(lighter).open, first!, {
      note: '',
      on: today,
    });
    expect(kept).toHaveLength(1);
    expect(kept[0]!.rule).toBe(first!.rule);
  });
});
