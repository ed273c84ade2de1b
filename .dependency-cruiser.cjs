/**
 * The order of the house. A core folder imports only from folders above it in this list,
 * and the outer rooms only from those that stand below them.
 */
const coreFolders = [
  'refusals',
  'steps',
  'quantity',
  'gear',
  'catalogue',
  'models',
  'reading',
  'brief',
  'loadout',
  'upkeep',
  'ways',
  'scheme',
  'needs',
  'fit',
  'kit',
  'pack',
  'losses',
  'reach',
  'judge',
  'choose',
  'exchange',
  'demo',
];

const coreOrder = coreFolders.flatMap((folder, at) => {
  const later = coreFolders.slice(at + 1);
  return later.length === 0
    ? []
    : [
        {
          name: `core-${folder}-imports-only-from-above`,
          severity: 'error',
          from: { path: `^src/core/${folder}/` },
          to: { path: `^src/core/(${later.join('|')})/` },
        },
      ];
});

module.exports = {
  forbidden: [
    { name: 'no-cycle', severity: 'error', from: {}, to: { circular: true } },
    { name: 'no-orphan', severity: 'error', from: { orphan: true, pathNot: '\\.d\\.ts$' }, to: {} },
    { name: 'resolvable', severity: 'error', from: {}, to: { couldNotResolve: true } },
    ...coreOrder,
    {
      name: 'core-is-pure',
      comment: 'The core knows nothing of React, the DOM, IndexedDB or Next.js.',
      severity: 'error',
      from: { path: '^src/core/' },
      to: {
        pathNot:
          '^(src/core/|node_modules/(valibot|@valibot|papaparse|@types/papaparse|minisearch|suncalc|fast-xml-parser|ical-generator|@zip.js/zip.js)/)',
      },
    },
    {
      name: 'store-stands-on-core',
      severity: 'error',
      from: { path: '^src/store/' },
      to: { path: '^src/', pathNot: '^src/(core|store)/' },
    },
    {
      name: 'devices-stand-on-core',
      severity: 'error',
      from: { path: '^src/devices/' },
      to: { path: '^src/', pathNot: '^src/(core|devices)/' },
    },
    {
      name: 'workers-stand-on-core',
      comment: 'And on the one way to name what is new.',
      severity: 'error',
      from: { path: '^src/workers/' },
      to: { path: '^src/', pathNot: '^src/(core|workers)/|^src/store/new-id' },
    },
    {
      name: 'ui-stands-on-store-devices-and-core',
      comment: 'More than one screen reads the scale.',
      severity: 'error',
      from: { path: '^src/ui/' },
      to: { path: '^src/', pathNot: '^src/(core|store|devices|workers|ui)/' },
    },
    {
      name: 'screens-do-not-know-routes',
      severity: 'error',
      from: { path: '^src/screens/' },
      to: { path: '^src/app/' },
    },
    {
      name: 'screens-do-not-know-each-other',
      severity: 'error',
      from: { path: '^src/screens/([^/]+)/' },
      to: { path: '^src/screens/', pathNot: '^src/screens/$1/' },
    },
    {
      name: 'command-line-stands-on-core',
      severity: 'error',
      from: { path: '^bin/' },
      to: { path: '^src/', pathNot: '^src/core/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'types'] },
  },
};
