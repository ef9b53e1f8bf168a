/** What guests' code may import of the server: everything else is behind the fence. */
const guestsMay =
  '^web/src/(server/guest/|contract/(contract|guest)\\.ts$|db/(public|client)\\.ts$|server/(problem|command)\\.ts$|server/tasting/acts\\.ts$|server/note/store\\.ts$)';

/** The arrows of the house. @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true, dependencyTypesNot: ['type-only'] } },
    { name: 'core-knows-nobody', severity: 'error', from: { path: '^core/' }, to: { path: '^(knowledge|web)/' } },
    { name: 'knowledge-knows-core-only', severity: 'error', from: { path: '^knowledge/' }, to: { path: '^web/' } },
    { name: 'database-from-server-only', severity: 'error', from: { path: '^web/src/(app|features|ui|workers)/' }, to: { path: '^web/src/db/' } },
    {
      name: 'client-takes-only-types-of-server',
      severity: 'error',
      from: { path: '^web/src/(features|ui|workers)/' },
      to: { path: '^web/src/server/', dependencyTypesNot: ['type-only'] },
    },
    { name: 'ui-knows-no-feature', severity: 'error', from: { path: '^web/src/ui/' }, to: { path: '^web/src/(features|app)/' } },
    { name: 'server-knows-no-interface', severity: 'error', from: { path: '^web/src/server/' }, to: { path: '^web/src/(features|ui|app|workers)/' } },
    {
      // The fence of blindness. Guests' code reads the public views and its own contract, and acts through two doors that answer with a revision, a tick or a refusal.
      name: 'guests-behind-the-fence',
      severity: 'error',
      from: { path: '^web/src/server/guest/' },
      to: { path: '^web/src/', pathNot: guestsMay },
    },
    {
      name: 'guests-contract-knows-no-server',
      severity: 'error',
      from: { path: '^web/src/contract/guest\\.ts$' },
      to: { path: '^web/src/(server|db)/' },
    },
    {
      name: 'no-sibling-features',
      severity: 'error',
      from: { path: '^web/src/features/([^/]+)/' },
      to: { path: '^web/src/features/([^/]+)/', pathNot: '^web/src/features/$1/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.test\\.ts$|/testing/' },
    tsPreCompilationDeps: 'specify',
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'default'] },
  },
};
