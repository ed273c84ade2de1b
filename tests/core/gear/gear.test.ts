import {
  bulkOf,
  jobIds,
  longestInsideMm,
  longestRigidMm,
  printForm,
  roomMl,
  serves,
  whyNotName,
} from '@/core/gear';
import { waysWanted } from '@/core/scheme';

describe('forms', () => {
  it('takes the room of its shape', () => {
    const box = { shape: 'box', lengthMm: 100, widthMm: 50, heightMm: 20, upright: false } as const;
    expect(bulkOf(box)).toEqual({ tightMl: 100, looseMl: 100 });
    expect(longestRigidMm(box)).toBe(100);
    const can = { shape: 'cylinder', diameterMm: 100, heightMm: 120, upright: true } as const;
    expect(bulkOf(can).tightMl).toBeCloseTo(942.478, 3);
    expect(longestRigidMm(can)).toBe(120);
    const bag = {
      shape: 'soft',
      looseMl: 900,
      tightMl: 400,
      thinnestMm: 20,
      longestRigidMm: 0,
    } as const;
    expect(bulkOf(bag)).toEqual({ tightMl: 400, looseMl: 900 });
    expect(printForm(bag, 'metric')).toBe('soft, 400 mL to 900 mL');
    expect(printForm(can, 'metric')).toBe('⌀100 × 120 mm');
  });

  it('measures the room and the longest line inside', () => {
    expect(roomMl({ shape: 'box', lengthMm: 95, widthMm: 61, heightMm: 21 })).toBeCloseTo(121.695);
    expect(longestInsideMm({ shape: 'box', lengthMm: 30, widthMm: 40, heightMm: 120 })).toBe(130);
    expect(longestInsideMm({ shape: 'cylinder', diameterMm: 60, heightMm: 80 })).toBe(100);
    const bulging = { shape: 'soft', volumeMl: 1000, longestMm: 300, bulgeShare: 0.2 } as const;
    expect(roomMl(bulging)).toBeCloseTo(1200);
    expect(longestInsideMm(bulging)).toBe(300);
  });
});

describe('jobs and names', () => {
  it('wants three ways to ignite, two for critical jobs, one otherwise', () => {
    expect(waysWanted(['flame', 'spark', 'sun-fire'], [])).toBe(3);
    expect(waysWanted(['cut'], [])).toBe(2);
    expect(waysWanted(['tape'], [])).toBe(1);
    expect(new Set(jobIds).size).toBe(jobIds.length);
  });

  it('serves a device with cells of its size, whatever their chemistry', () => {
    expect(serves('AA lithium', ['AA alkaline'])).toBe(true);
    expect(serves('AA alkaline', ['AAA alkaline'])).toBe(false);
    expect(serves('9 V alkaline', ['AA alkaline', '9 V alkaline'])).toBe(true);
  });

  it.each([
    ['Belt knife', null],
    ['Bag <2 L', null],
    ['Møllers 1½ L “kettle” & mug', null],
    ['', 'is empty'],
    ['<script>alert(1)</script>', 'markup'],
    ['<img src=x onerror=y>', 'markup'],
    ['a\u0000b', 'control'],
    ['a\u202eb', 'control'],
    ['x'.repeat(121), 'longer'],
  ])('name %j', (name, says) => {
    const why = whyNotName(name);
    if (says === null) expect(why).toBeNull();
    else expect(why).toContain(says);
  });
});
