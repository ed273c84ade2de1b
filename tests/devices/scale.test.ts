import fc from 'fast-check';
import { scaleNamed } from '@/devices/scale/bench-of-scales';
import { mostOnScaleG, SimulatedScale } from '@/devices/scale/simulated-scale';
import { Settler, type Settling } from '@/devices/scale/steady';
import { readingsOf, wordsIn } from '@/devices/scale/stream';

/** Readings ten times a second for so long; gives what the settler makes of the last. */
function watch(scale: SimulatedScale, settler: Settler, forMs: number): Settling {
  let found: Settling = { state: 'nothing' };
  for (let at = 0; at < forMs; at += 100) found = settler.add(scale.after(100));
  return found;
}

describe('the simulated scale', () => {
  it('swings, settles within three seconds, and is right to its step', () => {
    const load = fc.double({ min: 1, max: mostOnScaleG, noNaN: true });
    fc.assert(
      fc.property(load, fc.integer({ min: 0, max: 1e6 }), (massG, seed) => {
        const scale = new SimulatedScale(seed);
        const settler = new Settler();
        watch(scale, settler, 1000);
        scale.lay(massG);
        expect(watch(scale, settler, 200).state).not.toBe('steady');
        const found = watch(scale, settler, 3000);
        expect(found.state).toBe('steady');
        const off = Math.abs((found as { massG: number }).massG - massG);
        expect(off).toBeLessThanOrEqual(massG < 500 ? 0.35 : 1.2);
      }),
    );
  });

  it('creeps, and is right again after a tare', () => {
    const scale = new SimulatedScale(3);
    const settler = new Settler();
    for (let minute = 0; minute < 20; minute += 1) watch(scale, settler, 60_000);
    expect(scale.after(100).massG!).toBeGreaterThan(2);
    scale.tare();
    expect(Math.abs(scale.after(100).massG!)).toBeLessThan(0.2);
    scale.lay(120);
    expect(watch(scale, settler, 4000)).toMatchObject({ state: 'steady' });
  });

  it('takes a bowl as nothing, and reads below zero once it is gone', () => {
    const scale = new SimulatedScale(5);
    const settler = new Settler();
    scale.lay(300);
    watch(scale, settler, 3000);
    scale.tare();
    scale.lay(350);
    const filled = watch(scale, settler, 3000);
    expect(filled.state === 'steady' && Math.round(filled.massG)).toBe(50);
    scale.lay(0);
    const gone = watch(scale, settler, 3000);
    expect(gone.state === 'steady' && Math.round(gone.massG)).toBe(-300);
  });

  it('says when it bears too much, and comes back', () => {
    const scale = new SimulatedScale(1);
    const settler = new Settler();
    scale.lay(mostOnScaleG + 1);
    expect(watch(scale, settler, 500)).toEqual({ state: 'overload' });
    scale.lay(80);
    expect(watch(scale, settler, 3000).state).toBe('steady');
  });
});

describe('settling', () => {
  const steadyAt = (massG: number) =>
    Array.from({ length: 12 }, (_, at) => ({ atMs: at * 100, massG }));

  it('wants readings that agree for a while', () => {
    const settler = new Settler();
    const states = steadyAt(50).map((reading) => settler.add(reading).state);
    expect(states.slice(0, 7)).toEqual(Array(7).fill('moving'));
    expect(states.at(-1)).toBe('steady');
  });

  it('goes on through a gap in the line, and ends as soon as a reading is another', () => {
    const settler = new Settler();
    for (const reading of steadyAt(50)) settler.add(reading);
    for (const [atMs, massG] of [
      [4000, 50.1],
      [7000, 49.9],
    ] as const) {
      expect(settler.add({ atMs, massG })).toEqual({ state: 'steady', massG: 50 });
    }
    expect(settler.add({ atMs: 9000, massG: 50.4 }).state).toBe('moving');
    expect(settler.add({ atMs: 9100, massG: 50 }).state).toBe('moving');
  });

  it('is not shaken by one knock in its value, and starts anew when told to', () => {
    const settler = new Settler();
    for (const reading of steadyAt(50)) settler.add(reading);
    expect(settler.add({ atMs: 1200, massG: 90 }).state).toBe('moving');
    settler.restart();
    expect(settler.add({ atMs: 1300, massG: 50 }).state).toBe('moving');
  });

  it('takes next to nothing for nothing', () => {
    const settler = new Settler();
    expect(
      steadyAt(0.1)
        .map((reading) => settler.add(reading).state)
        .at(-1),
    ).toBe('nothing');
  });
});

describe('the line to it', () => {
  it('streams readings as server-sent events, and ends when the plug is pulled', async () => {
    const scale = scaleNamed('tested');
    scale.lay(42);
    const reader = readingsOf(scale).getReader();
    const first = new TextDecoder().decode((await reader.read()).value);
    expect(first).toMatch(/^data: \{"atMs":[\d.]+,"massG":[\d.]+\}\n\n$/);
    scale.isPlugged = false;
    let ended = false;
    while (!ended) ended = (await reader.read()).done;
    expect(ended).toBe(true);
  });

  it('keeps a scale by its name, and not more than it has room for', () => {
    const scale = scaleNamed('kept');
    expect(scaleNamed('kept')).toBe(scale);
    for (let at = 0; at < 60; at += 1) scaleNamed(`other-${at}`);
    expect(scaleNamed('kept')).not.toBe(scale);
  });

  it.each([
    ['{"do":"lay","massG":12}', { do: 'lay', massG: 12 }],
    ['{"do":"tare"}', { do: 'tare' }],
    ['{"do":"lay"}', null],
    ['{"do":"lay","massG":-1}', null],
    ['{"do":"lay","massG":1e99}', null],
    ['{"do":"explode"}', null],
    ['nonsense', null],
  ])('understands %s', (text, words) => {
    expect(wordsIn(text)).toEqual(words);
  });
});
