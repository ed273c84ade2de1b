import { byName } from '../quantity';

/** Words that are one thing in two spellings, or in two words of one language. */
const spellings = byName<string>({
  aluminum: 'aluminium',
  ax: 'axe',
  axes: 'axe',
  bivy: 'bivvy',
  bivi: 'bivvy',
  caribiner: 'carabiner',
  karabiner: 'carabiner',
  colored: 'coloured',
  cosy: 'cozy',
  fiber: 'fibre',
  flashlights: 'torch',
  flashlight: 'torch',
  gauge: 'gauge',
  gray: 'grey',
  headtorch: 'headlamp',
  headlight: 'headlamp',
  knives: 'knife',
  leaves: 'leaf',
  molded: 'moulded',
  moldable: 'mouldable',
  mould: 'mold',
  organizer: 'organiser',
  plier: 'pliers',
  pyjamas: 'pajamas',
  sanitizer: 'sanitiser',
  scarves: 'scarf',
  sterilized: 'sterilised',
  tire: 'tyre',
  tires: 'tyre',
  talkies: 'talkie',
  tranceiver: 'transceiver',
  usb: 'usb',
  wrench: 'spanner',
  wrenches: 'spanner',
  zipper: 'zip',
  zippered: 'zip',
  zipped: 'zip',
});

/** Words whose s is theirs, or that mean another thing without it: `glasses` are no glass, `salts` no salt. */
const keepTheirS = new Set(
  (
    'gas canvas compass lens lens’ glass glasses pants shorts scissors shears pliers tweezers binoculars goggles ' +
    'salts papers means cress harness mess bus us plus press cross moss grass brass chess dress access less ' +
    'iris basis analysis gps aids diarrhoea overalls suspenders braces series species tongs trousers ' +
    'underpants meths molasses chips jeans tights leggings gaiters headphones'
  ).split(' '),
);

/** Words that tie others together and tell nothing. */
const idle = new Set(
  'a an the of and or my our your some new used good nice old spare extra other another its it s'.split(
    ' ',
  ),
);

/** What stands after one of these is beside the thing itself: what it is with, for, or in. */
const turns = new Set(
  'with w for in from incl including includes plus without to on as used like by'.split(' '),
);

/** Before `of` these only say in what the thing comes. */
const wraps = new Set(
  (
    'pack packet box bag bar roll bottle tube set deck can tin pair jar case sheet piece spool reel hank coil length block ' +
    'card book stick strip dozen handful bunch lot kit bundle pouch sachet carton drum cup pot tub'
  ).split(' '),
);

/** A line’s words: those that name the thing, and those that stand beside it. */
export interface Words {
  /** What names the thing, in order, as {@link stem} has it; `and` and its like are left out. */
  readonly main: readonly string[];
  /** What it comes with, is for, or is told of it after a comma. */
  readonly beside: readonly string[];
}

/**
 * A word in the one form that it is compared in: small letters, one spelling, without a plural’s s.
 *
 * @example stem('Batteries') // 'battery'
 * @example stem('glasses') // 'glasses'
 */
export function stem(word: string): string {
  const low = word.toLowerCase();
  const spelled = spellings.get(low) ?? low;
  if (keepTheirS.has(spelled) || spelled.length < 3 || /\d/.test(spelled)) return spelled;
  return spellings.get(singular(spelled)) ?? singular(spelled);
}

function singular(word: string): string {
  if (/[^aeiou]ies$/.test(word))
    return word.length <= 4 ? word.slice(0, -1) : `${word.slice(0, -3)}y`;
  if (/(?:ch|sh|x|ss)es$/.test(word)) return word.slice(0, -2);
  return /(?:ss|us|is)$/.test(word) || !word.endsWith('s') ? word : word.slice(0, -1);
}

/** A text in words, as written but for signs: `Multi-tool, 12-in-1` has `multi`, `tool`. */
export function wordsOf(text: string): readonly string[] {
  return text
    .normalize('NFKC')
    .toLowerCase()
    .replace(/[’'`]s\b/g, '')
    .replace(/(\p{L})[’'`](\p{L})/gu, '$1$2')
    .split(/[^\p{L}\p{N}.]+|\.(?!\d)|(?<!\d)\./u)
    .filter((word) => word !== '' && /[\p{L}\p{N}]/u.test(word));
}

/** What is in a tin where it is food. */
const tinned =
  'soup|stew|food|beans?|fish|tuna|sardines?|mackerel|herring|meat|beef|ham|fruit|peaches|vegetables?|peas|corn|tomatoes|pasta|ravioli|chili|milk';

/** Phrases that are one thing by another name, and its own name. */
const otherwise: readonly (readonly [RegExp, string])[] = [
  [/\b(?:tins?|cans?)\s+of\s+(?=(?:\p{L}+\s+)?(?:%)\b)/giu, 'tinned '],
  [/\b(?:tin|can)\s+(?=(?:%)\b)/giu, 'tinned '],
  [/\bbottles?\s+of\s+(?=(?:(?:mineral|drinking|still)\s+)?water\b)/giu, 'bottled '],
  [/\u0001\s*(?:notes?|bills?)\b/giu, 'banknotes'],
  [/\bcharger\s+for\s+the\s+car\b/giu, 'car charger'],
  [/\bspare\s+(?=(?:eye\s?)?glasses\b)/giu, 'prescription '],
].map(([pattern, name]) => [
  new RegExp((pattern as RegExp).source.replace('%', tinned), 'giu'),
  name as string,
]);

/** The text with {@link otherwise}: *tins of soup* are *tinned soup*. */
export function byItsName(text: string): string {
  return otherwise.reduce((said, [pattern, name]) => said.replace(pattern, name), text);
}

/** Splits a line’s words into those that name the thing and those beside it. */
export function wordsIn(text: string): Words {
  const [before = '', ...after] = text
    .split(/[,;:(\[/+|]|\s[-–—]\s|\u0001\s*,/u)
    .filter((part) => /[\p{L}\p{N}]/u.test(part));
  const first = [...wordsOf(before)];
  const turn = first.findIndex((word, at) => at > 0 && turns.has(word));
  let main = turn < 0 ? first : first.slice(0, turn);
  let beside = turn < 0 ? [] : first.slice(turn + 1);
  const of = main.indexOf('of');
  if (of > 0 && of < main.length - 1) {
    const wrap = main.slice(0, of);
    const rest = main.slice(of + 1);
    if (wrap.every((word) => wraps.has(stem(word)) || idle.has(word) || /^\d/.test(word))) {
      beside = [...beside, ...wrap];
      main = rest;
    }
  }
  return {
    main: told(main),
    beside: told([...beside, ...after.flatMap((part) => [...wordsOf(part)])]).filter(
      (word) => !turns.has(word),
    ),
  };
}

function told(words: readonly string[]): readonly string[] {
  return words.filter((word) => !idle.has(word)).map(stem);
}

/** Words of size, colour, use and quality: they leave a thing what it is. */
export const plainWords: ReadonlySet<string> = new Set(
  (
    'big small large little mini tiny micro medium mid long short wide narrow thick thin tall flat round square heavy light lightweight ultralight ' +
    'ultra super extra duty strong tough sturdy solid hard compact portable travel pocket sized size full half single individual basic standard simple second first own ' +
    'cheap quality premium pro professional classic traditional modern vintage custom diy handmade homemade ' +
    'red blue green olive black white grey orange yellow brown tan khaki camo camouflage clear transparent coloured bright neon pink purple od drab coyote silver gold ' +
    'emergency survival camping camp hiking backpacking trekking outdoor bushcraft wilderness expedition mountain field military army surplus tactical issue ' +
    'canoe boat marine car vehicle home house everyday edc trail woodland winter summer ' +
    'waterproof resistant weatherproof windproof durable reusable adjustable foldable folding collapsible packable removable universal ' +
    'men man women woman mens womens ladies kids child children adult unisex people person xl xxl xs left right ' +
    'stainless carbon high low quick fast easy multi purpose multipurpose use purpose general all type style brand generic assorted mixed various ' +
    'double sided rolled folded packed dual twin comfort limit extreme lower rating rated temperature temp degree pair set pack packs kit piece pieces item per each total approx about ca around nr no model version mark ' +
    'really very quite just only maybe probably already bought dose doses survival tcomf tlim text'
  ).split(' '),
);

export type Material =
  'metal' | 'plastic' | 'glass' | 'wood' | 'cloth' | 'paper' | 'rubber' | 'ceramic';

/** What things are made of, by what each is drawn as: a thing of another stuff is another thing. */
export const materials = byName<Material>({
  steel: 'metal',
  stainless: 'metal',
  metal: 'metal',
  titanium: 'metal',
  aluminium: 'metal',
  iron: 'metal',
  brass: 'metal',
  copper: 'metal',
  tin: 'metal',
  plastic: 'plastic',
  pet: 'plastic',
  pvc: 'plastic',
  polyethylene: 'plastic',
  polycarbonate: 'plastic',
  acrylic: 'plastic',
  nylon: 'cloth',
  polyester: 'cloth',
  silnylon: 'cloth',
  cotton: 'cloth',
  wool: 'cloth',
  woollen: 'cloth',
  merino: 'cloth',
  linen: 'cloth',
  hemp: 'cloth',
  canvas: 'cloth',
  leather: 'cloth',
  fleece: 'cloth',
  silk: 'cloth',
  down: 'cloth',
  synthetic: 'cloth',
  glass: 'glass',
  crystal: 'glass',
  wood: 'wood',
  wooden: 'wood',
  bamboo: 'wood',
  birch: 'wood',
  paper: 'paper',
  cardboard: 'paper',
  rubber: 'rubber',
  silicone: 'rubber',
  latex: 'rubber',
  ceramic: 'ceramic',
  porcelain: 'ceramic',
});

/** Beside one of these a thing is not what it is called, unless a kind has the word itself: motor oil, a toy knife, food for dogs. */
export const estranging: ReadonlySet<string> = new Set(
  (
    'toy fake dummy replica broken dog cat pet horse bird fish baby doll motor engine machine gun rifle pistol hydraulic massage brake gear ' +
    'hair nail shoe makeup perfume essential aroma garden lawn pool aquarium printer ink guitar piano christmas party wedding bicycle bike ' +
    'manual poster sticker printed recipe video film movie song wiper masking scanner filler blow jig table'
  ).split(' '),
);

/** What belongs to a thing and is not it: last among the words that name a thing it is the thing. */
export const belongings: ReadonlySet<string> = new Set(
  (
    'brush cleaner polish holder mount stand rack hanger hook lid cap cover sleeve sheath case pouch bag box strap lanyard clip ' +
    'refill replacement adapter attachment accessory extension repair part tester opener cutter warmer cooler heater fan handle grip ' +
    'light mat mask guard shield filter charger cable stove burner oil wax book chart sign game picture photo drawing carrier basket tray'
  ).split(' '),
);

/** Names of many things that are no gear: with a word before them that nobody here knows they are not taken for sure. */
export const manyThings: ReadonlySet<string> = new Set(
  (
    'knife saw blade glove boot shoe cord wire rope line string thread needle nail screw hook candle bottle pot pan cup bowl plate belt tape hat cap shirt ' +
    'mirror map watch phone pen bulb light lamp file key card book box bag case pouch jar can tin barrel bucket drum pump hose plug cable chain filter tablet ' +
    'oil bar stick rod spray mask paper towel soap salt sugar glue paint torch chair net sheet mat pad blanket tent radio charger battery cell trousers pants jeans ' +
    'hammer shovel spoon fork horn bell whistle pin clip tie band strap ring patch powder cream gel drop water food tree post pole stand helmet jacket vest coat ' +
    'lighter lantern stove burner kettle mug flask seat cushion'
  ).split(' '),
);
