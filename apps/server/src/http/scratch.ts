import { mkdirSync, rmSync } from 'node:fs';

/**
 * Makes a server's own folder for files that live as long as a request, for nobody else to read, and empties it: what a server
 * that was killed has left there holds health data.
 */
export function emptyScratch(folder: string): void {
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true, mode: 0o700 });
}
