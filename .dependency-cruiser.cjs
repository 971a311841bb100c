/** Who may import whom: web → core, server → core and catalogue, catalogue → core, and never back. */
const inPackage = (name) => `^packages/${name}/`;
const forbid = (name, from, to, comment) => ({
  name,
  severity: 'error',
  comment,
  from: { path: from },
  to: { path: to },
});

module.exports = {
  forbidden: [
    forbid(
      'core-is-alone',
      inPackage('core'),
      '^(packages/(?!core/)|e2e/)',
      'The core imports nothing of ours.',
    ),
    forbid(
      'web-knows-core',
      inPackage('web'),
      '^(packages/(?!core/|web/)|e2e/)',
      'The interface sees only the core.',
    ),
    forbid(
      'server-knows',
      inPackage('server'),
      '^(packages/web/|e2e/)',
      'The server does not know the interface.',
    ),
    forbid(
      'catalogue-knows-core',
      inPackage('catalogue'),
      '^(packages/(?!core/|catalogue/)|e2e/)',
      'Data is checked by the core alone.',
    ),
    {
      name: 'core-is-pure',
      severity: 'error',
      comment: 'No interface, network, clock or storage in the core.',
      from: { path: inPackage('core/src'), pathNot: '(\\.test\\.ts$|/testing/)' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'core-needs-little',
      severity: 'error',
      comment: 'The core needs zod and a text index, and the solver only as a type.',
      from: { path: inPackage('core/src'), pathNot: '(\\.test\\.ts$|/testing/)' },
      to: { path: 'node_modules/(?!zod/|minisearch/|highs/)' },
    },
    {
      name: 'tests-stay-out',
      severity: 'error',
      from: { pathNot: '(\\.test\\.ts$|/testing/|^e2e/)' },
      to: { path: '/testing/' },
    },
    { name: 'no-circles', severity: 'error', from: { pathNot: '/stores/' }, to: { circular: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)dist/' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      conditionNames: ['uisce-source', 'import', 'default'],
      extensions: ['.ts', '.js', '.vue', '.json'],
    },
    tsConfig: { fileName: 'tsconfig.base.json' },
  },
};
