/** Imports point downwards: app → features → ui, store, workers → core. Everything not allowed is an error. */
const folder = (name) => `^src/${name}/`;
const npm = '^node_modules/';
const allow = (from, ...to) => ({ from: { path: from }, to: { path: to } });
const shipped = '^assets/';

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-knows-no-interface',
      comment: 'Nothing reachable from core may be interface, storage or platform code.',
      severity: 'error',
      from: { path: folder('core'), pathNot: '[.]test[.]ts$' },
      to: {
        path: ['react', 'expo', 'async-storage', '^src/(app|features|ui|store|workers|demo)/'],
        reachable: true,
      },
    },
    {
      name: 'unresolvable',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: ['^[.]/forecast-worker$', '[.]woff2$'] },
    },
  ],
  allowed: [
    allow(folder('core'), folder('core'), '^node_modules/zod/'),
    allow(folder('demo'), folder('demo'), folder('core'), npm),
    allow(folder('workers'), folder('workers'), folder('core'), npm),
    allow(folder('store'), folder('store'), folder('workers'), folder('core'), npm),
    allow(folder('ui'), folder('ui'), folder('core'), npm, shipped),
    allow(
      folder('features'),
      folder('features'),
      folder('ui'),
      folder('store'),
      folder('workers'),
      folder('core'),
      folder('demo'),
      npm,
    ),
    allow(folder('app'), folder('app'), folder('features'), folder('ui'), folder('store'), npm, shipped),
    allow('^server/', '^server/', npm, '^(node:)?[a-z]+(/promises)?$'),
    // The bench also drives the built app behind the real server.
    allow('^cli/', '^cli/', '^server/', folder('core'), npm, '^(node:)?[a-z_]+(/promises)?$'),
  ],
  allowedSeverity: 'error',
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    exclude: { path: '[.]test[.]tsx?$' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'default', 'types'],
    },
  },
};
