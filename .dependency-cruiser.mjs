import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';

/**
 * Who may import whom: web → core, server → core and catalogue, catalogue → core, and never back; and
 * within each package, rooms that stand above one another.
 */
const inPackage = (name) => `^packages/${name}/`;
const forbid = (name, from, to, comment) => ({
  name,
  severity: 'error',
  comment,
  from: { path: from },
  to: { path: to },
});
const anyOf = (names) => `(${names.join('|')})`;

/** The steps of the work, told by their screen: none imports another's parts; what two need moves below. */
const web = join(import.meta.dirname, 'packages/web/src');
const screenOf = (room) => `${room[0].toUpperCase()}${room.slice(1)}View.vue`;
const STEPS = readdirSync(web).filter((room) => existsSync(join(web, room, screenOf(room))));
/** Rooms of the interface below the steps, highest first: each imports only what stands below it. */
const WEB_FLOORS = ['ui', 'words', 'solver', 'household', 'kept'];
const inWeb = (rooms) => `^packages/web/src/${anyOf(rooms)}/`;
const webFloorRules = WEB_FLOORS.map((room, i) =>
  forbid(
    `web-${room}-looks-down`,
    inWeb([room]),
    inWeb(['app', ...STEPS, ...WEB_FLOORS.slice(0, i)]),
    `${room} is used by what stands above it, and knows nothing of it.`,
  ),
);

export default {
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
      comment:
        'The core needs zod, days, equality, a text index, when to recall, articles, tables, and the solver only as a type.',
      from: { path: inPackage('core/src'), pathNot: '(\\.test\\.ts$|/testing/)' },
      to: {
        path: 'node_modules/(?!zod/|date-fns/|@date-fns/tz/|dequal/|minisearch/|ts-fsrs/|indefinite/|pluralize/|papaparse/|@types/papaparse/|highs/)',
      },
    },
    {
      name: 'planner-is-abstract',
      severity: 'error',
      comment: 'The planner knows items and drinks by id, nothing of the trade.',
      from: { path: '^packages/core/src/planner/', pathNot: '\\.test\\.ts$' },
      to: { path: '^packages/core/src/(?!planner/|base/)' },
    },
    {
      name: 'catalogue-is-schemas',
      severity: 'error',
      comment: 'The schemas of open data know only what is below every subject.',
      from: { path: '^packages/core/src/catalogue/', pathNot: '\\.test\\.ts$' },
      to: { path: '^packages/core/src/(?!catalogue/|base/)' },
    },
    forbid(
      'base-knows-no-subject',
      '^packages/core/src/base/',
      '^packages/core/src/(?!base/)',
      'Ids, days, units and text are below every subject.',
    ),
    {
      name: 'steps-apart',
      severity: 'error',
      comment: 'A step does not import the parts of another; what two need moves to ui, words or the core.',
      from: { path: `^packages/web/src/${anyOf(STEPS)}/` },
      to: { path: inWeb(['app', ...STEPS]), pathNot: '^packages/web/src/$1/' },
    },
    ...webFloorRules,
    {
      name: 'tests-stay-out',
      severity: 'error',
      from: { pathNot: '(\\.test\\.ts$|/testing/|^e2e/)' },
      to: { path: '/testing/' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'rooms-form-no-circle',
      severity: 'error',
      comment: 'Rooms, too, stand above or below each other.',
      scope: 'folder',
      from: { path: '^packages/(core|server)/src/[^/]+$' },
      to: { circular: true },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    // What we build is left out, not what packages ship in a folder of the same name.
    exclude: { path: '(^packages/[^/]+/(dist|bundle)/|\\.test\\.ts$)' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      conditionNames: ['uisce-source', 'import', 'default'],
      extensions: ['.ts', '.js', '.vue', '.json'],
    },
    tsConfig: { fileName: 'tsconfig.base.json' },
  },
};
