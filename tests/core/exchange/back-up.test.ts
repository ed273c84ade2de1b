import { strToU8, zipSync } from 'fflate';
import { backUpOf, readBackUpZip, restoring } from '@/core/exchange/back-up';
import { demoBench } from '@/core/demo';
import { apply, emptyBench, type Bench } from '@/core/loadout';
import { benchOf, gear, kit } from '../../support/benches';
import { after, counting } from '../../support/upkeep';

const picture = { id: 'p1', type: 'image/webp', data: btoa('not much of a picture') } as const;

function zipped(bench: Bench): Uint8Array {
  const zip = backUpOf(bench, [picture]);
  if (!zip.ok) throw new Error(zip.problem.message);
  return zip.value;
}

describe('a back-up', () => {
  it('holds all of a bench and its pictures, and gives it back', () => {
    const read = readBackUpZip(zipped(demoBench));
    expect(read).toEqual({ ok: true, value: { bench: demoBench, pictures: [picture] } });
  });

  it('makes the bench what it was, in one act, and says before what that changes', () => {
    const mine = benchOf([gear('mine'), gear('axe', { name: 'Another axe' })], [kit('k')]);
    const plan = restoring(mine, demoBench, counting());
    if (!plan.ok) throw new Error(plan.problem.message);
    expect(after(mine, plan.value.command)).toEqual(demoBench);
    const [shelf, kits] = plan.value.parts;
    expect(shelf!.gone).toEqual(['mine']);
    expect(shelf!.otherwise).toEqual(['Camp axe']);
    expect(shelf!.back).toHaveLength(demoBench.shelf.size - 1);
    expect(kits).toMatchObject({ gone: ['k'], otherwise: [] });
    expect(plan.value.parts.find(({ part }) => part === 'rounds')!.back).toEqual(['Boathouse box']);
  });

  it('changes nothing where it is what is here', () => {
    const plan = restoring(demoBench, demoBench, counting());
    const none = { back: [], gone: [], otherwise: [] };
    expect(plan.ok && plan.value.parts).toEqual(
      plan.ok ? plan.value.parts.map(({ part }) => ({ part, ...none })) : [],
    );
    expect(plan.ok && apply(emptyBench, plan.value.command).ok).toBe(true);
  });

  it.each<[string, Uint8Array, RegExp]>([
    ['what is no zip', strToU8('PK, but no more'), /no zip that can be opened/],
    ['half a zip', zipped(demoBench).slice(0, 4000), /no zip that can be opened/],
    ['a zip from elsewhere', zipSync({ 'holiday/beach.jpg': strToU8('x') }), /holds no bench.json/],
    [
      'a zip with another file of that name',
      zipSync({ 'bench.json': strToU8('{"a":1}') }),
      /format/,
    ],
    [
      'a bomb',
      zipSync({ 'bench.json': new Uint8Array(70 * 1024 * 1024) }),
      /unpacks to 70 MB; up to 64 MB/,
    ],
    [
      'a bomb among the pictures',
      zipSync({ 'pictures/a.webp': new Uint8Array(5 * 1024 * 1024) }),
      /unpacks to 5 MB; up to 1 MB/,
    ],
  ])('refuses %s', (_, zip, why) => {
    const read = readBackUpZip(zip);
    expect(read.ok ? '' : read.problem.message).toMatch(why);
  });

  it('refuses a zip that unpacks to more than it says', () => {
    const zip = zipSync({ 'bench.json': strToU8('x'.repeat(5000)) });
    // The size in the directory at its end, 24 bytes into the entry.
    const at = Buffer.from(zip).lastIndexOf(Buffer.from([0x50, 0x4b, 1, 2]));
    new DataView(zip.buffer).setUint32(at + 24, 10, true);
    const read = readBackUpZip(zip);
    expect(read.ok).toBe(false);
  });

  it('leaves out what does not belong to it', () => {
    const names = ['pictures/../../x.webp', 'pictures/a.exe', 'notes.txt', 'pictures/.webp'];
    const bench = zipSync({
      'bench.json': strToU8(
        JSON.stringify({
          format: 'vivid-acorn',
          version: 3,
          currency: 'EUR',
          gear: [],
          loadouts: [],
          schemes: [],
          lists: [],
          versions: [],
        }),
      ),
      ...Object.fromEntries(names.map((name) => [name, strToU8('x')])),
    });
    expect(readBackUpZip(bench)).toEqual({ ok: true, value: { bench: emptyBench, pictures: [] } });
  });
});
