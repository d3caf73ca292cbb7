const room = (from, allowed, name) => ({
  name: `${name}-opens-only-its-doors`,
  severity: 'error',
  from: { path: from, pathNot: '\\.test\\.ts$' },
  to: { pathNot: [from, ...allowed].join('|') },
});
const CORE = '^src/core/';
/** A room of the core and those it may open, all of them below it. */
const below = (name, rooms) => ({
  name: `core-${name}-stands-on-the-rooms-below`,
  severity: 'error',
  from: { path: `^src/core/${name}/`, pathNot: '\\.test\\.ts$' },
  to: { path: '^src/core/', pathNot: `^src/core/(${[name, ...rooms].join('|')})/` },
});

/** The doors between the rooms, as in docs/ARCHITECTURE.md. @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    { name: 'no-unresolvable', severity: 'error', from: {}, to: { couldNotResolve: true } },
    room('^src/core/', [], 'core'),
    {
      name: 'base-imports-nothing',
      severity: 'error',
      from: { path: '^src/core/base/', pathNot: '\\.test\\.ts$' },
      to: { pathNot: '^src/core/base/' },
    },
    below('graph', ['base']),
    below('document', ['base']),
    below('tree', ['base', 'graph', 'document']),
    below('contacts', ['base', 'tree']),
    below('lens', ['base', 'graph', 'tree', 'contacts']),
    below('grips', ['base', 'graph', 'tree', 'contacts', 'lens']),
    below('structure', ['base', 'graph', 'tree', 'contacts', 'lens', 'grips']),
    below('findings', ['base', 'graph', 'tree', 'contacts', 'lens', 'grips', 'structure', 'odds']),
    below('people', ['base', 'tree', 'lens']),
    below('notation', ['base', 'document', 'tree', 'contacts']),
    below('games', []),
    below('odds', ['base', 'games', 'graph', 'tree', 'lens']),
    below('classes', ['base', 'graph', 'tree', 'lens', 'grips', 'structure', 'odds', 'people']),
    below('board', ['base', 'graph', 'tree', 'lens', 'structure', 'odds', 'findings']),
    below('words', ['base', 'tree', 'contacts', 'lens', 'grips', 'structure', 'findings', 'odds', 'classes', 'people']),
    below('pocket', ['base', 'tree', 'lens', 'structure', 'words', 'catalogue']),
    below('search', ['base', 'tree', 'words', 'catalogue']),
    below('dictation', ['base', 'tree', 'words', 'catalogue']),
    below('outline', ['base', 'tree', 'contacts', 'words', 'catalogue', 'dictation']),
    {
      name: 'core-modules-meet-at-their-index',
      severity: 'error',
      from: { path: '^src/core/([^/]+)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/core/', pathNot: ['^src/core/$1/', '^src/core/[^/]+/index\\.ts$'] },
    },
    room('^src/contracts/', [CORE, '^src/documents/', 'node_modules/zod/'], 'contracts'),
    room('^src/documents/', [CORE, '^src/contracts/', 'node_modules/(zod|jsonc-parser|fflate)/'], 'documents'),
    room('^src/workers/', [CORE, '^src/contracts/', '^src/documents/', 'node_modules/(comlink|react)/'], 'workers'),
    room(
      '^src/client/',
      [
        CORE,
        '^src/contracts/',
        '^src/documents/',
        '^src/workers/',
        '^src/ui/',
        'node_modules/(react|next|radix-ui|signature_pad|date-fns|@tanstack/query-core)/',
      ],
      'client',
    ),
    room('^src/ui/', ['node_modules/'], 'ui'),
    {
      name: 'features-do-not-meet',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/(features|app|server|cli)/', pathNot: '^src/features/$1/' },
    },
    room('^src/server/(db|env|log)', ['node_modules/', '^src/server/(db|env|log)'], 'server-db'),
    {
      name: 'queries-do-not-call-services',
      severity: 'error',
      from: { path: '^src/server/queries/' },
      to: { path: '^src/(server/(services|http)|features|app|ui|workers)/' },
    },
    {
      name: 'services-know-no-screen',
      severity: 'error',
      from: { path: '^src/server/' },
      to: { path: '^src/(features|app|ui|workers|cli)/' },
    },
    { name: 'app-reads-through-services', severity: 'error', from: { path: '^src/app/' }, to: { path: '^src/server/(queries|db)/' } },
    {
      name: 'no-test-code-in-the-product',
      severity: 'error',
      from: { path: '^src/', pathNot: '\\.test\\.ts$' },
      to: { path: '(\\.test\\.ts$|^tests/)' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'require', 'node', 'default', 'types'] },
  },
};
