/** Imports point downwards: app → features → words, ui, store, workers → core. Everything not allowed is an error. */
const folder = (name) => `^src/${name}/`;
const npm = '^node_modules/';
const allow = (from, ...to) => ({ from: { path: from }, to: { path: to } });
const shipped = '^assets/';

/** The folders of core, each knowing only those before it: so no two of them know each other. */
const coreOrder = [
  'language', 'sugar', 'gas', 'matter', 'vessels', 'kitchen', 'cultures', 'lots', 'measures', 'settings', 'ferment', 'journal', 'advice', 'forecast', 'starter',
  'trouble', 'bottling', 'tasting', 'workbook', 'brew', 'recipes', 'plan', 'tasks', 'formats',
]; // prettier-ignore
/** The folders of the forecast, likewise. */
const forecastOrder = [
  'run', 'read-off', 'ensemble', 'question', 'what-if', 'advice', 'starter', 'answer', 'published',
]; // prettier-ignore

/** The folders of the ferment. */
const fermentOrder = ['relations', 'state', 'scenario', 'step', 'run'];

/** Each folder under `root` imports only those before it; a new one gets its place in the order. */
const inOrder = (root, order) => [
  ...order.slice(0, -1).map((name, index) => ({
    name: `order-${name}`,
    severity: 'error',
    from: { path: `^${root}/${name}/` },
    to: { path: `^${root}/(${order.slice(index + 1).join('|')})/` },
  })),
  {
    name: `folder-without-a-place-in-${root.split('/').at(-1)}`,
    severity: 'error',
    from: { path: `^${root}/[^/]+/`, pathNot: `^${root}/(${order.join('|')})/` },
    to: {},
  },
];

module.exports = {
  forbidden: [
    ...inOrder('src/core', coreOrder),
    ...inOrder('src/core/ferment', fermentOrder),
    ...inOrder('src/core/forecast', forecastOrder),
    {
      name: 'no-circles',
      comment:
        'What a file shows later (import()) may know that file again: neither waits for the other to be run.',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['dynamic-import'] } },
    },
    {
      name: 'no-folder-circles',
      comment: 'A feature, or a folder beside it, that another builds on builds on nothing of that other.',
      scope: 'folder',
      severity: 'error',
      from: { path: '^src/features/[^/]+$' },
      to: { path: '^src/features/[^/]+$', circular: true },
    },
    {
      name: 'core-knows-no-interface',
      comment: 'Nothing reachable from core may be interface, storage or platform code.',
      severity: 'error',
      from: { path: folder('core'), pathNot: '[.]test[.]ts$' },
      to: {
        path: ['react', 'expo', 'async-storage', '^src/(app|features|words|ui|store|workers|demo)/'],
        reachable: true,
      },
    },
    {
      name: 'unresolvable',
      severity: 'error',
      from: {},
      to: {
        couldNotResolve: true,
        pathNot: ['^[.]/(forecast|backup|plan)-worker$', '[.]woff2$', '^async-storage-connections$'],
      },
    },
  ],
  allowed: [
    allow(folder('core'), folder('core'), '^node_modules/(zod|date-fns|ical[.]js)/'),
    allow(folder('demo'), folder('demo'), folder('core'), npm),
    allow(folder('workers'), folder('workers'), folder('core'), npm),
    allow(folder('words'), folder('words'), folder('core'), npm),
    // Catalogues, and what is chosen of them on this device.
    allow(folder('languages'), folder('languages'), folder('core'), npm),
    allow(
      folder('store'),
      folder('store'),
      folder('workers'),
      folder('core'),
      npm,
      '^async-storage-connections$',
    ),
    allow(folder('ui'), folder('ui'), folder('core'), npm, shipped),
    allow(
      folder('features'),
      folder('features'),
      folder('words'),
      folder('languages'),
      folder('ui'),
      folder('store'),
      folder('workers'),
      folder('core'),
      folder('demo'),
      npm,
    ),
    // Runs modules of all folders before they are needed.
    allow('^src/entry[.]js$', '^src/', npm),
    // What features put into a chunk that they share.
    allow(folder('chunks'), folder('features')),
    allow(
      folder('app'),
      folder('app'),
      folder('chunks'),
      folder('features'),
      folder('ui'),
      folder('store'),
      npm,
      shipped,
    ),
    allow('^server/', '^server/', npm, '^(node:)?[a-z]+(/promises)?$'),
    // The bench also drives the built app behind the real server.
    allow(
      '^cli/',
      '^cli/',
      '^server/',
      folder('core'),
      folder('words'),
      folder('demo'),
      npm,
      '^(node:)?[a-z_]+(/promises)?$',
    ),
  ],
  allowedSeverity: 'error',
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    exclude: { path: '[.]test(-tool)?[.]tsx?$' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'default', 'types'],
    },
  },
};
