import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { inRoot } from './paths.mjs';

const unpacked = (version, file) =>
  gunzipSync(readFileSync(inRoot(`fixtures/version-${version}/${file}.gz`))).toString();

/** SQL that makes the database of an older version, kept so that every later one is seen to open it. */
export const olderDatabase = (version) => unpacked(version, 'database.sql');

/** What a device of an older version held in the browser's stores. */
export const olderDevice = (version) => JSON.parse(unpacked(version, 'device.json'));
