/** Rooms below don't know rooms above, and nothing goes round in a circle; types count too. */
module.exports = {
  forbidden: [
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
    exclude: { path: '\\.(vue|css)$' },
    tsPreCompilationDeps: true,
    // Knows ~ and #shared.
    tsConfig: { fileName: '.nuxt/tsconfig.app.json' },
    enhancedResolveOptions: { extensions: ['.ts', '.mjs', '.js'] },
  },
}
