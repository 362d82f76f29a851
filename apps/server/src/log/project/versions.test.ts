import { HISTORY_VERSION } from '@spalo/core/memory';
import { STATE_VERSION } from '@spalo/core/session';
import { MODEL_VERSION } from '@spalo/core/strength';
import { createHash } from 'node:crypto';
import { join } from 'node:path';
import * as constants from '../../../../../packages/core/src/strength/constants';
import { typeShapes } from '../../../../../scripts/type-shape';

const core = join(__dirname, '../../../../../packages/core/src');
const hash = (text: string) => createHash('sha256').update(text).digest('hex').slice(0, 12);

/**
 * What is kept is made anew where its version is another one, so a shape that changes without its version would be read
 * wrongly. Whoever changes one raises the version and writes the new pair here.
 */
test('each version belongs to one shape, or to the constants of one model', () => {
  const shapes = {
    ...typeShapes(join(core, 'session/index.ts'), ['SessionState']),
    ...typeShapes(join(core, 'memory/index.ts'), ['ClientHistory']),
    ...typeShapes(join(core, 'strength/index.ts'), ['SavedBelief']),
  };
  const numbers = JSON.stringify(Object.entries(constants).sort(([a], [b]) => (a < b ? -1 : 1)));
  expect({
    STATE_VERSION: [STATE_VERSION, hash(shapes.SessionState!)],
    HISTORY_VERSION: [HISTORY_VERSION, hash(shapes.ClientHistory!)],
    MODEL_VERSION: [MODEL_VERSION, hash(shapes.SavedBelief! + numbers)],
  }).toEqual({
    STATE_VERSION: [11, '6a45ecf6957b'],
    HISTORY_VERSION: [7, '25db9027b4be'],
    MODEL_VERSION: [4, 'cfb5007c8cab'],
  });
});
