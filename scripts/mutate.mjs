import { must } from './run.mjs';

/**
 * How much of a room its tests would notice if it were otherwise: `npm run mutate -- core/decision core/floor/turn.ts`. By hand: an
 * hour a room. The rooms whose rules decide are listed as the default.
 */
const rooms = process.argv.slice(2);
for (const room of rooms.length > 0
  ? rooms
  : ['core/decision', 'core/floor', 'server/log/project']) {
  await must('npx', ['stryker', 'run', 'scripts/mutate.config.mjs'], {
    env: { SPALO_MUTATE: room },
  });
}
