import fc from 'fast-check';
import { strToU8, unzipSync, zipSync } from 'fflate';
import { writeFile } from '@/core/exchange';
import { backUpOf, readBackUpZip, restoring } from '@/core/exchange/back-up';
import type { Picture } from '@/core/exchange/picture';
import { demoBench } from '@/core/demo';
import { apply, emptyBench, type Bench } from '@/core/loadout';
import { benchOf, gear, kit } from '../../support/benches';
import { after, counting } from '../../support/upkeep';
import { runs } from '../../support/share';

const picture: Picture = {
  id: 'p1',
  type: 'image/webp',
  bytes: new Uint8Array(strToU8('not much of a picture')),
};
const pictured = benchOf([gear('axe', { name: 'Camp axe', photo: 'p1' })], [kit('k')]);

async function zipped(bench: Bench): Promise<Uint8Array> {
  const zip = await backUpOf(bench, [picture]);
  if (!zip.ok) throw new Error(zip.problem.message);
  return zip.value;
}

/** What keeps a zip from being read; empty where nothing does. */
async function whyNot(zip: Uint8Array): Promise<string> {
  const read = await readBackUpZip(zip);
  return read.ok ? '' : read.problem.message;
}

describe('a back-up', () => {
  it('holds all of a bench and its pictures, and gives it back', async () => {
    expect(await readBackUpZip(await zipped(pictured))).toEqual({
      ok: true,
      value: { bench: pictured, pictures: [picture], missingPictures: 0 },
    });
    const demo = await readBackUpZip(await zipped(demoBench));
    expect(demo).toMatchObject({ ok: true, value: { bench: demoBench } });
  });

  it('is read the same from another zipper', async () => {
    const files = unzipSync(await zipped(pictured));
    expect(Object.keys(files)).toEqual(['bench.json', 'pictures/p1.webp']);
    const read = await readBackUpZip(zipSync(files));
    expect(read).toMatchObject({ ok: true, value: { bench: pictured, pictures: [picture] } });
  });

  it('with one bit turned is refused, or says the same, or says that the picture is missing', async () => {
    const zip = await zipped(pictured);
    await fc.assert(
      fc.asyncProperty(fc.nat(zip.length - 1), fc.nat(7), async (at, bit) => {
        const damaged = zip.slice();
        damaged[at]! ^= 1 << bit;
        const read = await readBackUpZip(damaged);
        if (!read.ok) return;
        expect(read.value.bench).toEqual(pictured);
        if (read.value.missingPictures === 0) expect(read.value.pictures).toEqual([picture]);
      }),
      runs(600),
    );
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

  it.each<[string, () => Uint8Array | Promise<Uint8Array>, RegExp]>([
    ['what is no zip', () => strToU8('PK, but no more'), /no zip that can be opened/],
    [
      'half a zip',
      async () => (await zipped(demoBench)).slice(0, 4000),
      /no zip that can be opened/,
    ],
    [
      'a zip from elsewhere',
      () => zipSync({ 'holiday/beach.jpg': strToU8('x') }),
      /holds no bench.json/,
    ],
    [
      'a zip with another file of that name',
      () => zipSync({ 'bench.json': strToU8('{"a":1}') }),
      /format/,
    ],
    [
      'a bomb',
      () => claiming(zipSync({ 'bench.json': strToU8('{}') }), 70 * 1024 * 1024),
      /unpacks to 70 MB; up to 64 MB/,
    ],
    [
      'a bomb among the pictures',
      () =>
        zipSync({
          'bench.json': strToU8(writeFile(pictured)),
          'pictures/p1.webp': new Uint8Array(5 * 1024 * 1024),
        }),
      /unpacks to 5 MB; up to 1 MB/,
    ],
    [
      'two benches',
      () => renamed(zipSync({ 'bench.json': strToU8('{}'), 'bench.jsom': strToU8('{}') })),
      /“bench.json” is in this zip twice/,
    ],
    [
      'a name that is no UTF-8',
      () => {
        const text = strToU8(writeFile(pictured));
        text[Buffer.from(text).indexOf('Camp axe')] = 0xff;
        return zipSync({ 'bench.json': text });
      },
      /“bench.json” in this back-up is damaged/,
    ],
  ])('refuses %s', async (_, zip, why) => {
    expect(await whyNot(await zip())).toMatch(why);
  });

  it('refuses a zip that unpacks to more than it says', async () => {
    const zip = claiming(zipSync({ 'bench.json': strToU8('x'.repeat(5000)) }), 10);
    expect(await whyNot(zip)).toMatch(/“bench.json” in this back-up is damaged/);
  });

  it('leaves out what does not belong to it, and unpacks none of it', async () => {
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
      // Nothing of the bench names it: it may be as large as it likes.
      'pictures/other.webp': new Uint8Array(3 * 1024 * 1024),
    });
    expect(await readBackUpZip(bench)).toEqual({
      ok: true,
      value: { bench: emptyBench, pictures: [], missingPictures: 0 },
    });
  });
});

/** A zip of one file that says of itself that this file has so many bytes. */
function claiming(zip: Uint8Array, bytes: number): Uint8Array {
  const view = new DataView(zip.buffer);
  // In the header of the file 22 bytes from its beginning, and in the directory at the end 24 bytes from that of the entry.
  view.setUint32(22, bytes, true);
  const at = Buffer.from(zip).lastIndexOf(Buffer.from([0x50, 0x4b, 1, 2]));
  view.setUint32(at + 24, bytes, true);
  return zip;
}

/** A zip with “bench.jsom” called “bench.json” wherever its name stands. */
function renamed(zip: Uint8Array): Uint8Array {
  const bytes = Buffer.from(zip);
  for (let at = bytes.indexOf('bench.jsom'); at >= 0; at = bytes.indexOf('bench.jsom')) {
    bytes.write('bench.json', at);
  }
  return new Uint8Array(bytes);
}
