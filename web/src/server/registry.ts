import type { AnyOperation } from './command';
import * as accountCommands from './account/commands';
import * as accountQueries from './account/queries';
import * as venueCommands from './account/venue-commands';
import * as cellarCommands from './cellar/commands';
import * as cellarQueries from './cellar/queries';
import * as cellarSample from './cellar/sample';
import * as flightCalendar from './flight/calendar';
import * as flightEvening from './flight/afternoon';
import * as flightOperations from './flight/operations';
import * as flightOrder from './flight/order';
import * as flightPrints from './flight/prints';
import * as prepareProbes from './prepare/probes';
import * as noteFiles from './note/files';
import * as noteGlasses from './note/glasses';
import * as noteJudgements from './note/judgements';
import * as houseRoutines from './own-designs/routines';
import * as houseSchemes from './own-designs/schemes';
import * as noteOperations from './note/operations';
import * as noteVocabulary from './note/vocabulary';
import * as notebookCalls from './notebook/calls';
import * as notebookQueries from './notebook/queries';
import * as pairingMenus from './pairing/menus';
import * as pairingOperations from './pairing/operations';
import * as pairingTried from './pairing/tried';
import { changedDocuments } from './changes';
import { memberStream } from './live/stream';
import * as todayQueries from './today/queries';
import * as guestJoin from './guest/join';
import * as guestTable from './guest/table';
import * as guestTakeaway from './guest/takeaway';
import * as guestTasting from './guest/tasting';
import * as tastingAsked from './tasting/asked';
import * as tastingBottles from './tasting/bottles';
import * as tastingCalls from './tasting/calls';
import * as tastingCourses from './tasting/courses';
import * as tastingFaultSheet from './tasting/fault-sheet';
import * as tastingPaper from './tasting/paper';
import * as tastingRecap from './tasting/recap';
import * as tastingHost from './tasting/host-state';
import * as tastingLead from './tasting/lead';
import * as tastingOpen from './tasting/open-evening';
import * as tastingPour from './tasting/pour';
import * as tastingRehearse from './tasting/rehearse';
import * as tastingWall from './tasting/wall';
import * as tastingTalk from './tasting/talk';
import { health } from './health';

const isOperation = (value: unknown): value is AnyOperation => typeof value === 'object' && value !== null && 'contract' in value && 'run' in value;

/** Every command and query with what serves it: one for each contract, as a test holds it to. */
export const operations: readonly AnyOperation[] = [
  accountCommands,
  accountQueries,
  venueCommands,
  cellarCommands,
  cellarQueries,
  cellarSample,
  flightOperations,
  flightOrder,
  flightEvening,
  flightCalendar,
  flightPrints,
  prepareProbes,
  noteOperations,
  noteGlasses,
  noteJudgements,
  noteFiles,
  noteVocabulary,
  houseRoutines,
  houseSchemes,
  notebookCalls,
  notebookQueries,
  pairingMenus,
  pairingOperations,
  pairingTried,
  tastingOpen,
  tastingHost,
  tastingWall,
  tastingLead,
  tastingCalls,
  tastingAsked,
  tastingPour,
  tastingTalk,
  tastingRehearse,
  tastingBottles,
  tastingRecap,
  tastingCourses,
  tastingPaper,
  tastingFaultSheet,
  guestJoin,
  guestTasting,
  guestTable,
  guestTakeaway,
  todayQueries,
  { health, changedDocuments, memberStream },
].flatMap((module) => Object.values(module).filter(isOperation));
