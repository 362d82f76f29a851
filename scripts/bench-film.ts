/* eslint-disable no-console */
import { filmFamilies, judgeFilm, type FilmVerdict } from '@spalo/simulator/camera';

/** Clips of each family, and where their seeds begin: those of tuning lie below, those of judging above 1000. */
const CLIPS = Number(process.env.CLIPS ?? 8);
const FROM = Number(process.env.FROM ?? 1000);
/** One family alone, while something of it is tuned. */
const families = filmFamilies.filter((each) => !process.env.FAMILY || each === process.env.FAMILY);

const share = (sorted: readonly number[], part: number) =>
  sorted[Math.min(sorted.length - 1, Math.floor(part * sorted.length))] ?? NaN;
const sorted = (values: readonly number[]) => [...values].sort((a, b) => a - b);
const abs = (values: readonly number[]) => sorted(values.map(Math.abs));
const fixed = (value: number, digits = 1) =>
  (Number.isFinite(value) ? value.toFixed(digits) : '-').padStart(7);

function line(name: string, of: readonly FilmVerdict[]) {
  const errors = sorted(of.flatMap((each) => each.errors));
  const counted = of.filter((each) => each.repsFound === each.repsTrue).length;
  const seconds = of.reduce((sum, each) => sum + each.clipS, 0);
  const took = of.reduce((sum, each) => sum + each.tookMs, 0) / 1000;
  console.log(
    name.padEnd(12),
    String(of.length).padStart(5),
    fixed(share(errors, 0.5)),
    fixed(share(errors, 0.95)),
    fixed((100 * counted) / of.length, 0),
    fixed(share(abs(of.flatMap((each) => each.pauseErrors)), 0.5), 2),
    fixed(share(abs(of.flatMap((each) => each.pauseErrors)), 0.95), 2),
    fixed(share(abs(of.flatMap((each) => each.depthErrors)), 0.5)),
    fixed(share(abs(of.flatMap((each) => each.depthErrors)), 0.95)),
    String(of.filter((each) => each.saidLost).length).padStart(5),
    String(of.filter((each) => each.saidHidden).length).padStart(6),
    String(of.filter((each) => each.wrong > 0).length).padStart(6),
    fixed(seconds / took),
  );
}

const verdicts = families.flatMap((family) =>
  Array.from({ length: CLIPS }, (_each, clip) =>
    judgeFilm(family, FROM + clip, () => performance.now()),
  ),
);
console.log(
  '              clips  median     p95  reps %  pause s   p95  depth mm   p95  lost hidden  wrong  x clip',
);
for (const family of families)
  line(
    family,
    verdicts.filter((each) => each.family === family),
  );
line('all', verdicts);
for (const each of verdicts.filter(
  ({ wrong, repsFound, repsTrue }) => wrong || repsFound !== repsTrue,
))
  console.log(
    each.family,
    each.seed,
    'wrong',
    each.wrong,
    'reps',
    each.repsFound,
    'of',
    each.repsTrue,
    each.saidLost ? 'lost' : '',
  );
