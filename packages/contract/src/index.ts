export * from './events';
export * from './openapi';
export * from './primitives';
export * from './problem';
export * from './resources';
export * from './room';
export { roomColumns, roomToCsv, type FileProblem, type RoomFile } from './room-csv';
export * from './room-file';
export * from './routes';
