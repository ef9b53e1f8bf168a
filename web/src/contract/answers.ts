import type { z } from 'zod';
import type { Frozen } from '@rose/core/document/frozen';
import type { contract } from '.';
import type { claim } from './cellar';
import type { flightWine, timetable, wineSummary } from './computed';
import type { item, noteFile } from './note';

type Out<S extends z.ZodType> = Frozen<z.output<S>>;
/** What a command or query answers, read only. */
export type Answer<C extends { readonly output: z.ZodType }> = Out<C['output']>;
export type WineSummary = Out<typeof wineSummary>;
export type FlightWineView = Out<typeof flightWine>;
export type TimetableView = Out<typeof timetable>;
export type ClaimView = Out<typeof claim>;
export type NotebookItem = Out<typeof item>;
export type NoteFile = Out<typeof noteFile>;
type Said = typeof contract;
/** What an operation answers, by its activity and verb. */
export type AnswerOf<A extends keyof Said, V extends keyof Said[A]> = Said[A][V] extends { readonly output: z.ZodType } ? Answer<Said[A][V]> : never;
export type NoteView = Answer<typeof contract.note.get>;
export type WineView = Answer<typeof contract.wine.get>;
type Narrows<C extends { readonly input: z.ZodType }> = Omit<Frozen<z.input<C['input']>>, 'cursor' | 'limit'>;
/** What narrows a list, as it stands in the address of a page. */
export type WineFilters = Narrows<typeof contract.wine.list>;
export type NoteFilters = Narrows<typeof contract.note.list>;
export type FlightFilters = Narrows<typeof contract.flight.list>;
export type DishFilters = Narrows<typeof contract.dish.list>;
