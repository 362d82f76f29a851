export * from './events';
export * from './openapi';
export * from './primitives';
export * from './problem';
export * from './resources';
export * from './room';
export * from './room-file';
export * from './routes';
