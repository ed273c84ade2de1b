import { gearOfKind, gearOfNoKind, kindOf } from '@/core/catalogue';
import { inOrderOfName } from '@/core/catalogue/find-gear';
import { demoBench } from '@/core/demo';
import { placedByGear, newPlacement } from '@/core/loadout';
import { boardsByPlace, boardsByWait, isUntried } from '@/core/upkeep';
import { benchOf, gear, kit } from '../../support/benches';

describe('the shelf by where a piece is', () => {
  it('has every piece of the demo, with all that are placed, kit by kit', () => {
    const all = inOrderOfName(demoBench.shelf.values());
    const boards = boardsByPlace(demoBench, all);
    expect(new Set(boards.flatMap(({ pieces }) => pieces.map((each) => each.gear.id)))).toEqual(
      new Set(demoBench.shelf.keys()),
    );
    const placed = placedByGear(demoBench);
    for (const { id, pieces } of boards) {
      if (!demoBench.loadouts.has(id)) continue;
      for (const piece of pieces) expect(piece.count).toBe(placed.get(piece.gear.id)!.get(id));
    }
    expect(boards.map(({ name }) => name).slice(0, 4)).toEqual([
      'In no kit',
      'Boathouse box',
      'Float pouch',
      'Portage pack',
    ]);
  });

  it('tells apart what is in no kit: free, to buy, lent, retired', () => {
    const bench = benchOf(
      [
        gear('free'),
        gear('wish', { ownership: 'wished' }),
        gear('away', { lentTo: 'Mika' }),
        gear('old', { ownership: 'retired' }),
        gear('used'),
      ],
      [kit('k', [newPlacement('used', 'used', { on: 'mat' })])],
    );
    const boards = boardsByPlace(bench, [...bench.shelf.values()]);
    expect(boards.map(({ id, pieces }) => [id, pieces.map((each) => each.gear.id)])).toEqual([
      ['free', ['free']],
      ['k', ['used']],
      ['wished', ['wish']],
      ['lent', ['away']],
      ['retired', ['old']],
    ]);
  });
});

describe('the shelf by what a piece waits for', () => {
  const board = (...pieces: readonly ReturnType<typeof gear>[]) =>
    Object.fromEntries(boardsByWait(pieces).map((each) => [each.id, each.pieces.length]));

  it('shows a piece on each board that it waits on, and ready where on none', () => {
    const known = {
      massTrust: 'weighed' as const,
      supplies: gearOfKind(kindOf('pot')!, 'p').supplies,
    };
    expect(board(gear('ready', known))).toEqual({ ready: 1 });
    expect(board(gear('unmeasured', { ...known, form: null }))).toEqual({ 'to measure': 1 });
    expect(board(gearOfNoKind('gizmo', 'Brass gizmo'))).toEqual({
      'to measure': 1,
      'to weigh': 1,
      'no job': 1,
    });
  });

  it('asks nobody to weigh what is still to be bought, or is lent', () => {
    expect(board(gear('wish', { ownership: 'wished', massG: null }))).toMatchObject({
      'to buy': 1,
    });
    expect(board(gear('wish', { ownership: 'wished', massG: null }))).not.toHaveProperty(
      'to weigh',
    );
    expect(board(gear('away', { lentTo: 'Mika', massG: null }))).not.toHaveProperty('to weigh');
  });

  it('takes what failed its trial for untried again', () => {
    const whistle = gearOfKind(kindOf('whistle')!, 'w');
    const tried = (passed: boolean) => ({
      ...whistle,
      checks: [{ what: 'heard across a field', kind: 'trial', on: '2026-05-01', passed } as const],
    });
    expect([whistle, tried(false), tried(true)].map(isUntried)).toEqual([true, true, false]);
  });
});
