import { demoBench } from '@/core/demo';
import { findingInWords, findingsOf, headlineOf } from '@/core/judge';
import { workedOut } from '@/core/kit';
import type { Loadout } from '@/core/loadout';
import { kit } from '../../support/benches';
import { everyFinding } from '../../support/every-finding';

function messages(
  kitId: string,
  today: string,
  units: 'metric' | 'us' = 'metric',
): readonly string[] {
  return told(demoBench.loadouts.get(kitId)!, today, units);
}

function told(loadout: Loadout, today: string, units: 'metric' | 'us' = 'metric') {
  const worked = workedOut(demoBench, loadout, today);
  return everyFinding(worked).map(
    (finding) => `${finding.severity}: ${findingInWords(finding, worked, units)}`,
  );
}

describe('findings on the demo', () => {
  it('name the faults of the portage pack, the costliest first', () => {
    const all = messages('portage-pack-kit', '2026-09-24');
    expect(all).toEqual(
      expect.arrayContaining([
        'stop: Closed-cell ground mat in Barrel 30 L: stands 90 mm out of the top, so that the lid does not close.',
        'stop: A cold night is 3 °C; the worst-off sleeps through 7 °C.',
        'stop: With the Portage pack 45 L you lose water, bed, warm layers, roof, light and first aid; fire, blade, treatment, boiling and food stay.',
        'stop: Multi-tool is placed 2 times (Portage pack, Float pouch), and there is 1.',
        'warn: Ignite: all 4 ways go with Barrel 30 L; 2 that are independent are wanted.',
        'note: Not stowed yet: Pocket whetstone, Insect repellent.',
      ]),
    );
  });

  it('are few, the gravest first, and each tells what it says too', () => {
    const worked = workedOut(demoBench, demoBench.loadouts.get('portage-pack-kit')!, '2026-09-24');
    const all = findingsOf(worked);
    const order = all.map(({ severity }) => ['stop', 'warn', 'note'].indexOf(severity));
    expect(order).toEqual([...order].sort((one, other) => one - other));
    expect(all.filter(({ severity }) => severity === 'stop')).toHaveLength(5);
    expect(all.length).toBeLessThanOrEqual(15);
    expect(all[0]).toMatchObject({ rule: 'need/short', of: 'sleep' });
    expect(all[0]!.parts!.map(({ rule }) => rule)).toContain('sleep/ground');
    expect(headlineOf(all[0]!, worked, 'metric')).toBe('Sleep: 4 °C short');
    expect(headlineOf(all[0]!, worked, 'us')).toBe('Sleep: 8 °F short');
    expect(headlineOf(all[1]!, worked, 'metric')).toBe('Only in Portage pack 45 L: water');
  });

  it('print in the units that are asked for', () => {
    expect(messages('portage-pack-kit', '2026-09-24', 'us').join()).toMatch(
      /stands 3\.5 in out of the top/,
    );
  });

  it('say what would do a job but lacks what it relies on', () => {
    expect(messages('float-pouch-kit', '2026-09-24')).toContain(
      'stop: Nothing to ignite with: Small ferro rod would, with tinder for spark or ember.',
    );
  });

  it('find the stored water only once its date is over', () => {
    // Printed 2026-03-31; the boathouse is a shed that takes eight weeks of five years.
    const water = /Drinking water, sealed pouch was good until 2026-02-04, sooner than printed/;
    expect(messages('boathouse-box-kit', '2026-02-04').join()).not.toMatch(water);
    expect(messages('boathouse-box-kit', '2026-02-05').join()).toMatch(water);
  });

  it('hold a kit against its limits', () => {
    const loadout = {
      ...demoBench.loadouts.get('float-pouch-kit')!,
      mostMassG: 700,
      mostPriceMinor: 16_000,
    };
    expect(told(loadout, '2026-09-24')).toEqual(
      expect.arrayContaining([
        'stop: 28.5 g over the limit of 700 g.',
        'warn: €1.50 over the limit of €160.',
      ]),
    );
  });

  it('miss every critical job in an empty kit, and nothing else', () => {
    expect(told(kit('k'), '2026-09-24')).toEqual([
      'stop: Nothing to cut with.',
      'stop: Nothing to carry water with.',
      'stop: Nothing to boil with.',
      'stop: Nothing to treat water with.',
      'stop: No roof.',
      'stop: No cord.',
      'stop: No first aid.',
      'stop: Nothing to ignite with.',
    ]);
  });
});
