export * from './catalogue';
export * from './schema';
export * from './screening';
