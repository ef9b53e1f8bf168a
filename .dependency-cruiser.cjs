/** What guests' code may import of the server: everything else is behind the fence. */
const guestsMay =
  '^web/src/(server/guest/|contract/(contract|guest|live)\\.ts$|db/(public|client|built)\\.ts$|server/(problem|command)\\.ts$|server/tasting/seat-acts\\.ts$|server/(limits|secret-code|guest-device|join-code)\\.ts$|server/live/(feeds|presence)\\.ts$|server/note/store\\.ts$)';

/** The arrows of the house. @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } } },
    { name: 'core-knows-nobody', severity: 'error', from: { path: '^core/' }, to: { path: '^(knowledge|web)/' } },
    { name: 'knowledge-knows-core-only', severity: 'error', from: { path: '^knowledge/' }, to: { path: '^web/' } },
    { name: 'database-from-server-only', severity: 'error', from: { path: '^web/src/(app|features|ui|workers)/' }, to: { path: '^web/src/db/' } },
    { name: 'client-knows-no-server', severity: 'error', from: { path: '^web/src/(features|ui|workers)/' }, to: { path: '^web/src/server/' } },
    {
      name: 'contract-knows-no-server',
      severity: 'error',
      from: { path: '^web/src/contract/' },
      to: { path: '^web/src/(server|db|features|ui|app|workers)/' },
    },
    {
      // What the browser gets of the contract are addresses, rights, prints and types; a schema would bring its library along.
      name: 'client-takes-no-schema',
      severity: 'error',
      from: { path: '^web/src/(features|ui|workers)/' },
      to: { path: '^web/src/contract/', pathNot: '^web/src/contract/(client|roles|prints)\\.ts$', dependencyTypesNot: ['type-only'] },
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
      name: 'no-sibling-features',
      severity: 'error',
      from: { path: '^web/src/features/([^/]+)/' },
      to: { path: '^web/src/features/([^/]+)/', pathNot: '^web/src/features/($1|shared-flight)/' },
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
