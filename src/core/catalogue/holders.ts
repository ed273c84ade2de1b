import {
  box,
  cylinder,
  insideBox,
  insideCylinder,
  kind,
  makesDo,
  rigidCavity,
  soft,
  softCavity,
  type Kind,
} from './kind';

/** Gear whose first use is to hold other gear. */
// prettier-ignore
export const holders: readonly Kind[] = [
  kind('belt-pouch', 'Belt pouch', 'pouch', 'belt|zip|float|small', ['pouch', 'cloth', '#6d5b8a'], 145, soft(420, 180, 40), 2400, [],
    [softCavity('main', 'Main', 1400, 220, { reach: 'on body' }), softCavity('front', 'Front pocket', 350, 170, { reach: 'on body' })]),
  kind('accessory-pouch', 'Accessory pouch', 'pouch', 'accessory|mesh|ditty', ['pouch', 'cloth', '#4d7a6a'], 48, soft(160, 70, 15), 900, [],
    [softCavity('main', 'Main', 1200, 210)]),
  kind('pack', 'Portage pack', 'pack|rucksack|backpack', 'portage|large', ['pack', 'cloth', '#2d6a6c'], 1650, soft(4200, 2600, 90, 520), 14900, [],
    [
      softCavity('lid', 'Lid pocket', 3000, 300, { reach: 'top' }),
      softCavity('main', 'Main', 45_000, 640, { reach: 'main', bulgeShare: 0.05 }),
      softCavity('left', 'Side pocket, left', 1600, 320, { reach: 'outside pocket', bulgeShare: 0.2 }),
      softCavity('right', 'Side pocket, right', 1600, 320, { reach: 'outside pocket', bulgeShare: 0.2 }),
      softCavity('front', 'Front pocket', 4500, 380, { reach: 'outside pocket' }),
    ]),
  kind('day-bag', 'Day bag', 'bag|daypack|day bag', 'small|shoulder', ['pack', 'cloth', '#7a6a3d'], 620, soft(1500, 900, 60, 300), 5900, [],
    [softCavity('main', 'Main', 18_000, 470), softCavity('front', 'Front pocket', 2500, 300, { reach: 'outside pocket' })]),
  kind('dry-bag', 'Dry bag', 'drybag|dry bag|dry sack', 'roll', ['dry-bag', 'plastic', '#d9822b'], 110, soft(320, 180, 20), 1500, [],
    [softCavity('inside', 'Inside', 8000, 420, { waterproof: true })]),
  kind('barrel', 'Barrel, 30 L', 'barrel|drum', 'canoe', ['barrel', 'plastic', '#355f8c'], 2050, cylinder(330, 500), 5900, [],
    [rigidCavity('inside', 'Inside', insideCylinder(285, 470), { waterproof: true })]),
  kind('box', 'Lidded box, 45 L', 'box|tote', 'lidded|storage|boathouse', ['box', 'plastic', '#5b6b53'], 2400, box(600, 400, 240), 3500, [],
    [rigidCavity('inside', 'Inside', insideBox(556, 356, 226))]),
  kind('tool-roll', 'Tool roll', 'roll|toolroll', 'tool|canvas', ['pouch', 'cloth', '#7d6a4a'], 120, soft(260, 140, 20), 1900, [makesDo('cloth', 0.1)],
    [softCavity('inside', 'Inside', 900, 260)]),
];
