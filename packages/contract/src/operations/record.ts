import type { Operation } from './operation';

/** Sets in one import at most: years of a whole studio. */
export const MAX_IMPORTED = 50_000;

/** What comes in from other records, what goes out to scripts, and the copies that are kept of all of it. */
export const recordOperations = {
  imports: {
    method: 'get',
    path: '/imports',
    summary: 'The files of sets that were brought in, latest first',
    access: 'trainer',
    forScripts: true,
  },
  checkImport: {
    method: 'post',
    path: '/imports/check',
    summary: 'How many sets of a file are new here and how many are there already; keeps nothing',
    access: 'trainer',
  },
  putImport: {
    method: 'put',
    path: '/imports/:id',
    summary:
      'Bring the sets of a file in under an id made on the device: all or none, and none that is there already',
    access: 'trainer',
  },
  deleteImport: {
    method: 'delete',
    path: '/imports/:id',
    summary: 'Take an import back with all that it brought',
    access: 'trainer',
  },
  importedSets: {
    method: 'get',
    path: '/clients/:id/imported-sets',
    summary: 'The sets that imports brought in for a client, oldest first',
    access: 'trainer',
    forScripts: true,
  },
  scriptTokens: {
    method: 'get',
    path: '/script-tokens',
    summary: 'The tokens that scripts of the studio read with, latest first',
    access: 'owner',
  },
  makeScriptToken: {
    method: 'post',
    path: '/script-tokens',
    summary: 'Make a token that reads until a day; it is shown once',
    access: 'owner',
  },
  endScriptToken: {
    method: 'delete',
    path: '/script-tokens/:id',
    summary: 'End a token at once',
    access: 'owner',
  },
  scriptUses: {
    method: 'get',
    path: '/script-tokens/:id/uses',
    summary: 'What was read with a token: each operation by day, latest first',
    access: 'owner',
  },
  safetyCopies: {
    method: 'get',
    path: '/safety-copies',
    summary: 'When the whole database was copied, and whether each copy was proven, latest first',
    access: 'trainer',
  },
} as const satisfies Record<string, Operation>;
