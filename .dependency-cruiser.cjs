/** Rooms below don't know rooms above, and nothing goes round in a circle; types count too. */

/** The rooms of core, from the ground up: each may know those below it. docs/architecture.md says what is in them. */
const FLOORS = [
  ['basics'],
  ['contract'],
  ['kit'],
  ['kernel'],
  ['games/[^/]+'],
  ['wording', 'mastery', 'catalogue', 'room'],
  ['print', 'practice', 'lab', 'board', 'trainer'],
  ['format'],
]
const upward = FLOORS.slice(0, -1).map((rooms, i) => ({
  name: `core-${rooms[0].split('/')[0]}-knows-no-room-above`,
  severity: 'error',
  from: { path: `^core/(${rooms.join('|')})/`, pathNot: '\\.test\\.ts$' },
  to: {
    path: `^core/(${FLOORS.slice(i + 1)
      .flat()
      .join('|')})/`,
  },
}))

module.exports = {
  forbidden: [
    ...upward,
    // What is below the register is handed a game; ids alone are known everywhere.
    {
      name: 'register-from-above',
      severity: 'error',
      from: {
        path: '^core/(basics|contract|kit|kernel|games/[^/]+|wording|mastery|catalogue|room|print|practice|board|trainer)/',
        pathNot: '\\.test\\.ts$',
      },
      to: { path: '^core/games/[^/]+\\.ts$', pathNot: '^core/games/ids\\.ts$' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-knows-nobody',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.test\\.ts$' },
      to: { path: '^(app|server|shared|tests|scripts)/' },
    },
    {
      name: 'shared-knows-core-alone',
      severity: 'error',
      from: { path: '^shared/' },
      to: { path: '^(app|server|tests|scripts)/' },
    },
    {
      name: 'server-knows-no-app',
      severity: 'error',
      from: { path: '^server/', pathNot: '\\.test\\.ts$' },
      to: { path: '^(app|tests|scripts)/' },
    },
    {
      name: 'app-knows-no-server',
      severity: 'error',
      from: { path: '^app/' },
      to: { path: '^(server|tests|scripts)/' },
    },
    // A game knows the shared rooms, and no other game.
    {
      name: 'games-apart',
      severity: 'error',
      from: { path: '^(core|app)/games/([^/]+)/' },
      to: { path: '^(core|app)/games/[^/]+/', pathNot: '^(core|app)/games/$2/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.css$' },
    tsPreCompilationDeps: true,
    // Knows ~ and #shared.
    tsConfig: { fileName: '.nuxt/tsconfig.app.json' },
    enhancedResolveOptions: { extensions: ['.ts', '.vue', '.mjs', '.js'] },
  },
}
