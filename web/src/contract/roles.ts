import { keysOf } from '@rose/core/wine/keys';

/** What a member of a venue may do. Read by the server, which refuses, and by the screens, which do not offer what would be refused. */
export const rights = {
  read: 'reads the cellar, the flights, the dishes and what the venue has set',
  'note.write': 'tastes, and keeps notes of their own',
  'note.others': 'reads notes that are shared, and types in for guests without an account',
  'profile.lead': 'their own sound note of a wine goes before the median of all',
  'token.own': 'makes tokens for programs of their own',
  'cellar.edit': 'changes wines and bottles, and imports lists',
  'flight.edit': 'plans flights, prints and sends them',
  'tasting.lead': 'leads evenings: opens them, moves them on, uncovers and closes them',
  'dish.edit': 'changes dishes',
  'design.edit': 'designs sheets and routines',
  'probe.edit': 'keeps the readings of probes',
  'venue.edit': 'names the venue and sets what it has',
  'people.edit': 'invites, changes parts and removes members',
  'letters.read': 'reads the letters of the simulated post, in the demo',
} as const;
export type Right = keyof typeof rights;
interface RoleSpec {
  readonly label: string;
  readonly may: readonly Right[];
}
/** The one table of who may do what. A new role is a row here. */
export const roles = {
  owner: { label: 'owner', may: keysOf(rights) },
  host: {
    label: 'host',
    may: [
      'read',
      'note.write',
      'note.others',
      'profile.lead',
      'token.own',
      'cellar.edit',
      'flight.edit',
      'tasting.lead',
      'dish.edit',
      'design.edit',
      'probe.edit',
    ],
  },
  helper: { label: 'helper', may: ['read', 'note.write', 'token.own'] },
} as const satisfies Record<string, RoleSpec>;
export type Role = keyof typeof roles;
export const roleIds = keysOf(roles);

/**
 * Whether somebody may do something in the venue they are in. A role that stands in no row may nothing.
 * @param table for a test of a role that does not exist
 */
export function may(who: { readonly role?: string | null | undefined }, right: Right, table: Readonly<Record<string, RoleSpec>> = roles): boolean {
  const role = who.role ?? '';
  return Object.hasOwn(table, role) && table[role]?.may.includes(right) === true;
}
/** The roles that may do something. */
export const rolesThat = (right: Right): Role[] => roleIds.filter((role) => may({ role }, right));
