export * from './breathing-out';
export * from './catalogue';
export * from './programme';
export * from './room-parts';
export * from './room-presets';
export * from './schema';
export * from './screening';
