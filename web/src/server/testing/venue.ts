import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Client } from 'pg';
import { v4, v7 } from 'uuid';
import { inject } from 'vitest';
import { emptyWine, type WineDocument } from '@rose/core/wine/facts';
import { closeConnections, connections } from '../../db/client';
import { member, user, venue } from '../../db/schema';
import type { Role } from '../../contract/roles';
import { forgetAccounts } from '../accounts';
import type { AnyOperation, Member } from '../command';
import { perform } from '../http';
import { forgetLimiters } from '../limits';
import { endStreams } from '../live/feeds';
import { stopListening } from '../live/listener';

/** Makes a database for this test file from the template and points the application at it; returns what drops it. */
export const ownDatabase = () => database('template');
/** The same with nothing in it. */
export const emptyDatabase = () => database('template1');
async function database(template: string): Promise<() => Promise<void>> {
  const admin = inject('clusterUrl');
  const name = `test_${v4().replaceAll('-', '')}`;
  const client = new Client({ connectionString: admin });
  await client.connect();
  // Another file may be copying the template at this moment: it is free again a moment later.
  for (let tries = 0; ; tries++) {
    try {
      await client.query(`create database ${name} template ${template}`);
      break;
    } catch (error) {
      if (tries > 100) throw error;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  }
  process.env['DATABASE_URL'] = admin.replace(/\/postgres$/, `/${name}`);
  process.env['ROSE_DATA'] = mkdtempSync(path.join(tmpdir(), 'rose-data-'));
  process.env['ROSE_LOG'] = 'silent';
  return async () => {
    endStreams();
    await stopListening();
    forgetLimiters();
    forgetAccounts();
    await closeConnections();
    await client.query(`drop database if exists ${name} with (force)`);
    await client.end();
  };
}

/** A venue with a member of a role, straight into the tables. */
export async function newMember(role: Role = 'owner', venueId: string = v7()): Promise<Member> {
  const { db } = connections();
  const userId = v4();
  const email = `${userId}@example.invalid`;
  await db.insert(user).values({ id: userId, name: `The ${role}`, email });
  await db
    .insert(venue)
    .values({ id: venueId, name: 'A room', settings: { country: 'GR', currency: 'EUR', timeZone: 'Europe/Athens', school: 'weight' } })
    .onConflictDoNothing();
  await db.insert(member).values({ venueId, userId, role });
  return { kind: 'member', userId, name: `The ${role}`, email, venueId, role, via: 'session' };
}

export const run = (operation: AnyOperation, actor: Member, input: unknown) => perform(operation, actor, input, { cookies: [] }) as Promise<never>;

/** The write of a document that is new. */
export const firstWrite = (document: unknown, id: string = v7()) => ({ id, writeId: v4(), baseRevision: 0, document });
export const plainWine = (name = 'Caldera Ledge', facts: WineDocument['facts'] = {}): WineDocument => ({ ...emptyWine, name, producer: 'Mikri Vigla', facts });
