import path from 'node:path';
import { fileURLToPath } from 'node:url';

/** The repository's root, whatever folder a command is called from. */
export const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
export const inRoot = (...parts) => path.join(root, ...parts);
export const dataDir = inRoot('.data');
export const serverBundle = inRoot('apps/server/dist/server.mjs');
export const clientDist = inRoot('apps/client/dist');
export const migrations = inRoot('apps/server/drizzle');
