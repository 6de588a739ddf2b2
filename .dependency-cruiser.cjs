/**
 * The import rules of the house, as the README lays it out: for every subject the others that it may import.
 * What is not listed is refused, and so is a subject that is not in the table.
 */
const BELOW_MACHINE = ['units', 'catalogue', 'design']
const BELOW_POOL = [...BELOW_MACHINE, 'machine']
const BELOW_JUDGING = [
  ...BELOW_POOL,
  'pool',
  'power',
  'heat',
  'noise',
  'money',
  'network',
  'fit',
  'paths',
  'services',
]

const CORE = {
  units: [],
  catalogue: ['units'],
  design: ['units', 'catalogue'],
  machine: BELOW_MACHINE,
  pool: BELOW_POOL,
  noise: BELOW_POOL,
  // What the years cost depends on what is drawn, and on what is written to flash.
  money: [...BELOW_POOL, 'pool', 'power', 'services'],
  prices: ['units', 'design'],
  network: BELOW_POOL,
  fit: BELOW_POOL,
  // What a kind of work reads depends on how the pool is laid out.
  paths: [...BELOW_POOL, 'pool', 'network'],
  services: BELOW_POOL,
  // Which drives a reader keeps busy depends on the pool that it reads, and on how that is laid out.
  power: [...BELOW_POOL, 'pool', 'paths'],
  // How warm drives get depends on what they draw.
  heat: [...BELOW_POOL, 'power'],
  readings: [...BELOW_POOL, 'power'],
  poolScript: [...BELOW_POOL, 'services'],
  judging: BELOW_JUDGING,
  limits: [...BELOW_JUDGING, 'judging'],
  // A rule speaks of the limit that it reads.
  findings: [...BELOW_JUDGING, 'judging', 'limits'],
  stillToChoose: [...BELOW_JUDGING, 'judging'],
  // How many drives are burnt in together depends on what they draw and how warm they get.
  proving: [...BELOW_POOL, 'pool', 'paths', 'power', 'heat', 'judging'],
  logging: ['units', 'design', 'machine', 'pool', 'proving'],
  comparing: [...BELOW_JUDGING, 'judging', 'limits', 'findings', 'evaluate.ts'],
  offers: [...BELOW_JUDGING, 'judging', 'limits', 'findings', 'stillToChoose', 'evaluate.ts'],
}

const WEB = {
  theme: [],
  controls: [],
  api: [],
  keys: ['controls'],
  workers: [],
  terms: [],
  store: ['api'],
  drawing: ['controls'],
  sheet: ['api', 'controls', 'keys', 'store'],
  saving: ['api', 'store', 'sheet'],
  evaluating: ['store'],
  tray: ['api', 'controls', 'store', 'sheet', 'terms'],
  limits: ['api', 'controls', 'store', 'sheet', 'tray', 'workers'],
  ledger: ['controls', 'store', 'sheet', 'limits'],
  lenses: ['api', 'controls', 'store', 'sheet', 'drawing', 'tray', 'limits', 'workers', 'terms'],
  buildSheet: [
    'api',
    'controls',
    'keys',
    'store',
    'sheet',
    'saving',
    'tray',
    'ledger',
    'lenses',
    'terms',
  ],
  bench: ['api', 'controls', 'lenses'],
  print: ['controls', 'store', 'sheet', 'drawing', 'ledger', 'buildSheet'],
  parts: ['api', 'controls', 'keys', 'store', 'tray'],
  people: ['api', 'controls', 'store'],
  prices: ['api', 'controls', 'store', 'tray', 'workers'],
  compare: ['api', 'controls', 'sheet', 'shelf', 'store', 'workers'],
  shelf: ['api', 'controls', 'store', 'drawing', 'saving', 'tray', 'ledger', 'people'],
}

const SERVER = {
  http: [],
  health: ['http'],
  people: ['http'],
  catalogue: ['http', 'people'],
  designs: ['http', 'people', 'build.ts', 'threadFlags.ts'],
  demo: ['catalogue', 'designs', 'events', 'people', 'prices', 'proving'],
  readings: ['http', 'people', 'designs'],
  proving: ['http', 'people', 'designs'],
  events: ['http', 'people', 'designs'],
  temperatures: ['http', 'people', 'designs'],
  prices: ['http', 'people'],
  print: ['http', 'people', 'designs', 'threadFlags.ts'],
  everything: [
    'http',
    'catalogue',
    'designs',
    'events',
    'people',
    'prices',
    'proving',
    'readings',
    'temperatures',
  ],
  database: [
    'catalogue',
    'designs',
    'events',
    'people',
    'prices',
    'proving',
    'readings',
    'temperatures',
    'settings.ts',
  ],
}

/** One rule for each subject of a folder, and one for subjects that are not in the table. */
function subjects(name, folder, table) {
  const known = Object.keys(table)
  return [
    ...known.map((subject) => ({
      name: `${name}-${subject}`,
      comment: `${subject} may import ${table[subject].join(', ') || 'no other subject'}.`,
      severity: 'error',
      from: { path: `^${folder}/${subject}/`, pathNot: TEST },
      to: {
        path: `^${folder}/`,
        pathNot: [subject, ...table[subject]].map((one) =>
          one.endsWith('.ts') ? `^${folder}/${one}$` : `^${folder}/${one}/`,
        ),
      },
    })),
    {
      name: `${name}-subject-not-listed`,
      comment: 'A new subject gets a line in the table first.',
      severity: 'error',
      from: { path: `^${folder}/(?!(${known.join('|')})/)[^/]+/` },
      to: {},
    },
  ]
}

const TEST = '\\.test\\.tsx?$'
const FRONT_DOORS = '^packages/(core/src/(drawing|editing|figures|files)|contract/src/index)\\.ts$'

module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    ...subjects('core', 'packages/core/src', CORE),
    ...subjects('web', 'apps/web/src', WEB),
    ...subjects('server', 'apps/server/src', SERVER),
    {
      name: 'evaluate-knows-no-offers',
      severity: 'error',
      from: { path: '^packages/core/src/evaluate\\.ts$' },
      to: { path: '^packages/core/src/(offers/|drawing|editing|figures|files)' },
    },
    {
      name: 'core-stands-alone',
      comment: 'The core imports no other workspace, no Node module and small libraries only.',
      severity: 'error',
      from: { path: '^packages/core/src', pathNot: TEST },
      to: { path: '^(apps/|tests/|packages/(?!core/)|packages/core/fixtures)' },
    },
    {
      name: 'core-has-no-node',
      severity: 'error',
      from: { path: '^packages/core/src', pathNot: TEST },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'core-has-small-libraries-only',
      severity: 'error',
      from: { path: '^packages/core/src', pathNot: TEST },
      to: { path: 'node_modules', pathNot: 'node_modules/(dinero.js|papaparse|zod)/' },
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
      name: 'no-way-around-the-front-doors',
      comment: 'Other workspaces, tests and scripts take core and contract by what they export.',
      severity: 'error',
      from: { path: '^(apps|packages/contract|tests|e2e|bench|scripts)/' },
      to: {
        path: '^packages/(core|contract)/src/',
        pathNot: [FRONT_DOORS, '^packages/contract/src/'],
      },
    },
    {
      name: 'fixtures-are-for-tests',
      severity: 'error',
      from: { path: '^(apps|packages)/', pathNot: [TEST, '^packages/core/fixtures/'] },
      to: { path: '^packages/core/fixtures/' },
    },
    {
      name: 'only-tests-reach-into-the-server',
      comment: 'Browser tests, bench and scripts see the application as users do.',
      severity: 'error',
      from: { path: '^(e2e|bench|scripts)/' },
      to: { path: '^apps/' },
    },
    {
      name: 'tests-know-the-server-only',
      severity: 'error',
      from: { path: '^tests/' },
      to: { path: '^apps/(?!server/)' },
    },
    {
      name: 'nothing-undeclared',
      comment:
        'A workspace declares the packages it uses; those of tests are declared at the root.',
      severity: 'error',
      from: { path: '^(apps|packages)/[^/]+/src/', pathNot: TEST },
      to: { dependencyTypes: ['npm-no-pkg', 'npm-unknown', 'npm-dev'] },
    },
    {
      name: 'nothing-unresolved',
      severity: 'error',
      from: {},
      // Types that a package has beside it, and that are no file of it.
      to: { couldNotResolve: true, pathNot: '^pdfmake/interfaces$' },
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
