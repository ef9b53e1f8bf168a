import { asRoutine, type Routine } from '@rose/core/routine/routine';
import { ownRoutine } from '@rose/core/routine/routine-schema';
import { routineNamed, usualRoutine } from '@rose/knowledge/routines/index';
import type { NoteDocument } from '@rose/core/wine/note';
import type { Reader } from '../../db/client';
import { routine } from '../../db/schema';
import { contract } from '../../contract';
import { serve, type Member } from '../command';
import { settingsOf } from '../account/settings';
import { versionNamed, versions } from './versions';

const routineHouse = { noun: 'routine', said: 'routine', table: routine, document: ownRoutine };
const { list, get, save } = versions(routineHouse);
export const listRoutines = serve(contract.routine.list, list);
export const getRoutine = serve(contract.routine.get, get);
export const saveRoutine = serve(contract.routine.save, save);

/** A routine by the name a note has of it: one that ships, or a venue's own as "id" (the latest) or "id@version"; the usual one when there is no such. */
export async function readRoutine(db: Reader, actor: Member, name: string): Promise<Routine> {
  const own = await versionNamed(db, actor, routineHouse, name);
  return own === undefined ? routineNamed(name) : asRoutine(own.id, own.version, own.document);
}

/** What a new note begins with: the venue's standing routine in its present version, with the ruler it brings, or nothing where that is the usual one. */
export async function standingRoutine(db: Reader, actor: Member): Promise<Pick<NoteDocument, 'routine' | 'ruler'>> {
  const { id, ruler } = await readRoutine(db, actor, (await settingsOf(db, actor.venueId)).routine);
  return { ...(id === usualRoutine.id ? {} : { routine: id }), ...(ruler === undefined ? {} : { ruler }) };
}
