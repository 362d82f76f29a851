export { API_BASE, FILM_PIECE_BYTES } from './operations';
export type { Problem } from './primitives/problem';
export { problemType, problems, type ProblemKind } from './operations/problems';
export { eventTypes, logEvent, storedEvent } from './events/event';
export {
  newPassword,
  studioFacts,
  trainer,
  type Account,
  type Colleague,
  type OneTimeLink,
  type StudioFacts,
} from './resources/account';
export { bookingFacts, type Booking, type BookingFacts } from './resources/booking';
export type { StreamMessage } from './resources/change-message';
export {
  clientFacts,
  type Client,
  type ClientFacts,
  type ClientPast,
  type ListedClient,
  type Segments,
} from './resources/client';
export {
  filmFileFacts,
  filmKinds,
  filmTypes,
  type FilmFile,
  type FilmRules,
} from './resources/film';
export { flagFacts } from './resources/flag';
export {
  importedSet,
  importRow,
  type ImportedRow,
  type ImportFacts,
  type ImportRow,
} from './resources/imported';
export { measurementFacts, type Measurement } from './resources/measurement';
export { ownLiftFacts } from './resources/own-lift';
export { band, barbell, bell, machine, plate, room, roomFacts, stack } from './resources/room';
export type { SafetyCopy } from './resources/safety-copy';
export type { ScriptToken } from './resources/script-token';
export { templateFacts, type Template, type TemplateFacts } from './resources/template';
export {
  screening,
  screeningFacts,
  type Screening,
  type ScreeningOpening,
} from './resources/screening';
export type { FileProblem } from './files/file-problem';
export { ownLiftsToJson, readOwnLiftsFile } from './files/own-lifts';
export { csvHeading, csvLines } from './files/records/csv';
export { recordChoice } from './files/records/choice';
export { recordNames, recordsSchema, type RecordRow, type RecordTable } from './files/records/rows';
export { readRoomFile, roomToJson } from './files/room/file';
export { roomToCsv } from './files/room/to-csv';
export { newStudio, newTrainer, passwordChange } from './routes/account';
export type { Route } from './routes/route';
export { openApiDocument } from './api/openapi';
export { routes, type AnswerOf, type Call, type Received, type RouteName } from './api/routes';
