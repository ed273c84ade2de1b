import { kindsWorn } from '../catalogue/worn-size';
import { clothedClo, isClothes, type Gear } from '../gear';
import { dayClo } from '../models';
import { climateOr } from './asks';
import { answered, notKnown, standingOf, type Answer } from './need';
import { idsOf, isRelied, work, type Given, type NeedsKit } from './needs-kit';
import { dealtOut, eachDealt } from './sleepers';
import { airInside } from './shelter';
import { dryShare } from './wet';

/** What a windproof shell adds, in clo (own, after ISO 9920’s light jackets). */
const shellClo = 0.3;

/** Air that stands between the layers and round them, in clo (ISO 9920’s boundary layer, own figures); wind takes most of it. */
const stillAirClo = { calm: 0.5, windy: 0.2 } as const;
const windyFromKmh = 15;

/** Where it gets colder than this, one layer more than what is worn goes along even in summer, in °C and clo (own). */
const oneMoreBelowC = 15;
const oneMoreClo = 0.2;

/** What the ordinary clothes are that everybody is taken to have on: a spare of them adds nothing to wear at once. */
const ordinary: readonly string[] = [
  'trousers',
  'cargo-trousers',
  'pocket-trousers',
  't-shirt',
  'shirt',
  'shorts',
  'pocket-shirt',
  'socks',
  'underwear',
];

/** Ordinary clothes: the 1 clo that everybody is reckoned with. */
export function isOrdinary({ kind }: Pick<Gear, 'kind'>): boolean {
  return kind !== null && ordinary.includes(kind);
}

/** What is worn once: a head has one hat, and two hands one pair of gloves. */
function onceOn({ gear }: Given): string | null {
  const { silhouette } = gear.look;
  return silhouette === 'hat' || silhouette === 'gloves' ? silhouette : null;
}

/** Worn on the body as a coat is; not on the feet, the head or the hands. */
function isCoat({ gear }: Given): boolean {
  return gear.look.silhouette === 'garment' && !kindsWorn('shoe').includes(gear.kind ?? '');
}

/** The layers of a kit for the cold hours in camp, beside ordinary clothes, which are taken to be on. */
export function warmth(kit: NeedsKit): Answer {
  const { conditions, people, print } = kit;
  const { lowC, highC, windKmh } = conditions;
  if (lowC === null || highC === null) {
    return notKnown('clo', ...climateOr(kit.brief, 'the low and the high'));
  }
  const wind = kit.shelter === null ? (windKmh?.value ?? 0) : 0;
  const tempC = airInside(kit.shelter, (lowC.value + highC.value) / 2);
  // In town nobody halts for long outside.
  const isWalking = kit.nights === 0 && kit.brief.country === 'town';
  const activity = isWalking ? 'walking' : 'camp';
  const air = wind < windyFromKmh ? stillAirClo.calm : stillAirClo.windy;
  const asksLayer = kit.shelter === null && !isWalking && lowC.value < oneMoreBelowC;
  const demand = Math.max(
    asksLayer ? clothedClo + oneMoreClo : 0,
    dayClo(tempC, wind, activity) - air,
  );
  const shells = kit.given('shell').filter((given) => isRelied(given) && isCoat(given));
  const layers = kit
    .given('insulate')
    .filter((given) => isRelied(given) && isClothes(given.gear) && !isOrdinary(given.gear));
  const each = dealtOut(
    [
      ...layers.flatMap((given) => {
        const gives = (given.amount ?? 0) * dryShare(kit, given);
        const group = onceOn(given);
        return group === null ? eachDealt(given, gives) : eachDealt(given, gives, group, true);
      }),
      ...shells.flatMap((given) => eachDealt(given, shellClo, 'shell', true)),
    ],
    people.map(() => clothedClo),
  );
  const supply = Math.min(...each);
  return answered({
    standing: standingOf(supply, demand),
    demand,
    supply,
    unit: 'clo',
    days: null,
    says: `${isWalking ? 'On foot' : kit.shelter === null ? 'In camp' : `In the ${kit.shelter}`} at ${print.celsius(tempC)}${windKmh && kit.shelter === null ? ` with ${print.number(wind)} km/h of wind` : ''} everybody wears ${print.number(demand, 1)} clo; the worst off has ${print.number(supply, 1)}, ordinary clothes counted as 1.`,
    placements: idsOf([...layers, ...shells]),
    worked: [
      work('wind-chill', { tempC, windKmh: wind }),
      work('day-clo', { tempC, windKmh: wind, activity }),
    ],
    steps: [
      'The cold hours awake lie halfway between the low and the high; a windproof shell counts 0.3 clo.',
      `The air round the clothes is worth ${print.number(air, 1)} clo, and is taken off what is asked.`,
      ...people.map(({ name }, at) => `${name}: ${print.number(each[at]!, 1)} clo.`),
    ],
  });
}
