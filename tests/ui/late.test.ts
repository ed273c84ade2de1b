import { fetchMissing, late, useMissingParts } from '@/ui/late/late';

/** A part whose coming is up to the test. */
function awaited() {
  const asked: { readonly come: () => void; readonly stayAway: () => void }[] = [];
  const part = late(
    () =>
      new Promise<string>((resolve, reject) =>
        asked.push({
          come: () => resolve(`part, asked for ${asked.length} times`),
          stayAway: () => reject(new Error('the server has it no more')),
        }),
      ),
  );
  return { part, asked };
}

const missing = () => useMissingParts.getState().again.size;

/** All that follows on what was settled. */
const settled = () => new Promise<void>((resolve) => setImmediate(resolve));

afterEach(() => useMissingParts.setState({ again: new Set() }));

describe('a part that comes later', () => {
  it('is asked for once, however many wait for it, and is at hand from then on', async () => {
    const { part, asked } = awaited();
    expect([part.atHand(), asked.length]).toEqual([null, 0]);
    const waiting = [part.fetch(), part.fetch()];
    asked[0]!.come();
    expect(await Promise.all(waiting)).toEqual(Array(2).fill('part, asked for 1 times'));
    expect(await part.fetch()).toBe(part.atHand());
    expect([asked.length, missing()]).toEqual([1, 0]);
  });

  it('is told as missing where it does not come, and asked for again by the next who needs it', async () => {
    const { part, asked } = awaited();
    const waiting = part.fetch();
    asked[0]!.stayAway();
    await expect(waiting).rejects.toThrow('no more');
    expect([missing(), part.atHand()]).toEqual([1, null]);
    const again = part.fetch();
    asked[1]!.come();
    expect(await again).toBe('part, asked for 2 times');
  });

  it('is missing once, however often it did not come', async () => {
    const { part, asked } = awaited();
    for (const at of [0, 1, 2]) {
      const waiting = part.fetch();
      asked[at]!.stayAway();
      await expect(waiting).rejects.toThrow();
    }
    expect(missing()).toBe(1);
  });
});

describe('asking again for all that is missing', () => {
  it('tells nothing while it is under way, and tells again what still does not come', async () => {
    const [one, other] = [awaited(), awaited()];
    for (const { part, asked } of [one, other]) {
      const waiting = part.fetch();
      asked[0]!.stayAway();
      await expect(waiting).rejects.toThrow();
    }
    expect(missing()).toBe(2);

    fetchMissing();
    expect(missing()).toBe(0);
    one.asked[1]!.come();
    other.asked[1]!.stayAway();
    await settled();
    expect([one.part.atHand(), other.part.atHand(), missing()]).toEqual([
      'part, asked for 2 times',
      null,
      1,
    ]);

    fetchMissing();
    other.asked[2]!.come();
    await settled();
    expect([other.part.atHand(), missing()]).toEqual(['part, asked for 3 times', 0]);
  });
});
