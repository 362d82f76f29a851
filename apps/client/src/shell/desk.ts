/**
 * The screens of the desk, with the forms and schemas that they need: one chunk, fetched when the first of them is
 * opened. They share those libraries, and what two chunks share would be part of the first load.
 */
export { SettingsScreen } from '../features/account/SettingsScreen';
export { JoinScreen } from '../features/account/JoinScreen';
export { SignInScreen } from '../features/account/SignInScreen';
export { BlockScreen } from '../features/block/BlockScreen';
export { BuilderScreen } from '../features/builder/BuilderScreen';
export { BenchScreen } from '../features/bench/BenchScreen';
export { CalendarScreen } from '../features/calendar/CalendarScreen';
export { ClientScreen } from '../features/clients/ClientScreen';
export { FilmScreen } from '../features/film/FilmScreen';
export { ImportScreen } from '../features/import/ImportScreen';
export { IntakeScreen } from '../features/intake/IntakeScreen';
export { NewClientScreen } from '../features/intake/NewClientScreen';
export { LiftList } from '../features/lifts/LiftList';
export { LiftScreen } from '../features/lifts/LiftScreen';
export { OwnLiftsScreen } from '../features/lifts/own/OwnLiftsScreen';
export { RecordScreen } from '../features/record/RecordScreen';
export { ReviewScreen } from '../features/review/ReviewScreen';
export { RoomScreen } from '../features/room/RoomScreen';
export { TakeHomeScreen } from '../features/take-home/TakeHomeScreen';
