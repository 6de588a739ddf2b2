/** The import rules of the house, as the README lays it out. */
const SUBJECTS = 'findings|money|power|pool|formats'

module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-stands-alone',
      comment: 'The core imports no other workspace and no Node module.',
      severity: 'error',
      from: { path: '^packages/core/src', pathNot: '\\.test\\.ts$' },
      to: {
        path: '^(apps/|packages/(?!core/)|packages/core/fixtures)',
        pathNot: '^packages/core/src',
      },
    },
    {
      name: 'core-has-no-node',
      severity: 'error',
      from: { path: '^packages/core/src', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'core-has-small-libraries-only',
      severity: 'error',
      from: { path: '^packages/core/src', pathNot: '\\.test\\.ts$' },
      to: { path: 'node_modules', pathNot: 'node_modules/(zod|papaparse)/' },
    },
    {
      name: 'units-know-nothing',
      severity: 'error',
      from: { path: '^packages/core/src/units' },
      to: { path: '^packages/core/src/(?!units)' },
    },
    {
      name: 'only-findings-and-evaluate-see-all',
      comment:
        'A subject depends on units, catalogue and design, and on another only by a formula.',
      severity: 'error',
      from: { path: '^packages/core/src/(money|power|pool)/' },
      to: {
        path: `^packages/core/src/(${SUBJECTS})/`,
        pathNot: ['^packages/core/src/$1/'],
      },
    },
    {
      name: 'contract-knows-only-core',
      severity: 'error',
      from: { path: '^packages/contract' },
      to: { path: '^apps/' },
    },
    {
      name: 'apps-meet-in-core-and-contract',
      severity: 'error',
      from: { path: '^apps/([^/]+)/' },
      to: { path: '^apps/', pathNot: '^apps/$1/' },
    },
    {
      name: 'no-way-around-the-front-door',
      comment: 'Other workspaces take core and contract by their index.',
      severity: 'error',
      from: { path: '^apps/' },
      to: { path: '^packages/(core|contract)/src/(?!index\\.ts$)' },
    },
    {
      name: 'nothing-unresolved',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'node', 'require', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.json', '.css'],
    },
  },
}
