import { demoBench } from '@/core/demo';
import { findingsOf } from '@/core/judge';
import { kit } from '../../support/benches';

function messages(
  kitId: string,
  today: string,
  units: 'metric' | 'us' = 'metric',
): readonly string[] {
  const loadout = demoBench.loadouts.get(kitId)!;
  return findingsOf({ bench: demoBench, loadout, today, units }).map(
    ({ severity, message }) => `${severity}: ${message}`,
  );
}

describe('findings on the demo', () => {
  it('name the faults of the portage pack, the costliest first', () => {
    expect(messages('portage-pack-kit', '2026-09-24')).toEqual([
      'stop: Closed-cell ground mat is 10 mm too long for Barrel 30 L.',
      'warn: Roof: all 2 ways go with Portage pack 45 L; 2 that are independent are wanted.',
      'warn: Ignite: all 3 ways go with Barrel 30 L; 3 that are independent are wanted.',
      'warn: Multi-tool is placed 2 times (Portage pack, Float pouch), and there is 1.',
      'warn: Headlamp takes 3 × AAA; the cells here are 4 × AA alkaline.',
      'note: Not stowed yet: Pocket whetstone, Insect repellent.',
    ]);
  });

  it('print in the units that are asked for', () => {
    expect(messages('portage-pack-kit', '2026-09-24', 'us')[0]).toMatch(/0\.4 in too long/);
  });

  it('say what would do a job but lacks what it relies on', () => {
    expect(messages('float-pouch-kit', '2026-09-24')).toContain(
      'stop: Nothing to ignite with: Small ferro rod would, with tinder.',
    );
  });

  it('find the stored water only once its date is over', () => {
    const water = /Drinking water, sealed pouch was good until 2026-03-31/;
    expect(messages('boathouse-box-kit', '2026-03-31').join()).not.toMatch(water);
    expect(messages('boathouse-box-kit', '2026-04-01').join()).toMatch(water);
  });

  it('hold a kit against its limits', () => {
    const loadout = {
      ...demoBench.loadouts.get('float-pouch-kit')!,
      mostMassG: 700,
      mostPriceMinor: 16_000,
    };
    const found = findingsOf({ bench: demoBench, loadout, today: '2026-09-24', units: 'metric' });
    expect(found.map(({ message }) => message)).toEqual(
      expect.arrayContaining(['28.5 g over the limit of 700 g.', '€1.50 over the limit of €160.']),
    );
  });

  it('miss every critical job in an empty kit, and nothing else', () => {
    const found = findingsOf({
      bench: demoBench,
      loadout: kit('k'),
      today: '2026-09-24',
      units: 'metric',
    });
    expect(found.map(({ message }) => message)).toEqual([
      'Nothing to cut with.',
      'Nothing to carry water with.',
      'Nothing to boil with.',
      'Nothing to treat water with.',
      'No roof.',
      'No cord.',
      'No first aid.',
      'Nothing to ignite with.',
    ]);
  });
});
