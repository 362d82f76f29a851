import { z } from 'zod';
import { recordOperations } from '../operations/record';
import { importCount, importedSet, importFacts, importRow } from '../resources/imported';
import { safetyCopy } from '../resources/safety-copy';
import { scriptToken, scriptTokenFacts, scriptUse } from '../resources/script-token';
import { page, paged } from './page';
import { byId, done, type Route } from './route';

/** What comes in from other records, what goes out to scripts, and the copies that are kept of all of it. */
export const recordRoutes = {
  imports: paged(
    { ...recordOperations.imports, answer: z.object({ imports: z.array(importRow) }) },
    'imports',
  ),
  checkImport: {
    ...recordOperations.checkImport,
    body: importFacts,
    answer: importCount,
    problems: ['too-large'],
  },
  putImport: {
    ...recordOperations.putImport,
    params: byId,
    body: importFacts,
    answer: importCount,
    problems: ['conflict', 'too-large'],
  },
  deleteImport: {
    ...recordOperations.deleteImport,
    params: byId,
    answer: done,
    problems: ['not-found'],
  },
  importedSets: {
    ...recordOperations.importedSets,
    params: byId,
    query: z.object(page),
    answer: z.object({
      sets: z.array(importedSet),
      /** What the next page is asked for with; null after the last. */
      next: z.string().nullable(),
    }),
    problems: ['not-found'],
  },
  scriptTokens: paged(
    { ...recordOperations.scriptTokens, answer: z.object({ tokens: z.array(scriptToken) }) },
    'tokens',
  ),
  makeScriptToken: {
    ...recordOperations.makeScriptToken,
    body: scriptTokenFacts,
    answer: z.object({ token: z.string(), made: scriptToken }),
  },
  endScriptToken: {
    ...recordOperations.endScriptToken,
    params: byId,
    answer: done,
    problems: ['not-found'],
  },
  scriptUses: paged(
    {
      ...recordOperations.scriptUses,
      params: byId,
      answer: z.object({ uses: z.array(scriptUse) }),
      problems: ['not-found'],
    },
    'uses',
  ),
  safetyCopies: paged(
    { ...recordOperations.safetyCopies, answer: z.object({ copies: z.array(safetyCopy) }) },
    'copies',
  ),
} satisfies Record<string, Route>;
