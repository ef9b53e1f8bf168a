import { asScheme } from '@rose/core/score/own-scheme';
import { glassTitle } from '@rose/core/wine/note';
import { ownScheme } from '@rose/core/score/scheme-schema';
import { draftScore } from '@rose/core/score/scheme';
import { scheme } from '../../db/schema';
import { contract } from '../../contract';
import { serve } from '../command';
import { recentNotes } from '../notebook/queries';
import { versions } from './versions';

export const schemeHouse = { noun: 'scheme', said: 'sheet', table: scheme, document: ownScheme };
const { list, get, save } = versions(schemeHouse);
export const listSchemes = serve(contract.scheme.list, list);
export const getScheme = serve(contract.scheme.get, get);
export const saveScheme = serve(contract.scheme.save, save);

export const previewScheme = serve(contract.scheme.preview, async (db, actor, input) => {
  const notes = await recentNotes(db, actor, 20);
  const sheet = asScheme('preview', 0, input.document);
  return {
    notes: notes.map((note) => {
      const { low, high, best, word } = draftScore(sheet, note.document.observed, note.document.chips);
      return { id: note.id, name: glassTitle(note), own: note.quality, low, high, best, word };
    }),
  };
});
