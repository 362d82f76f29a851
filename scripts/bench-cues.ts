import { catalogueLifts as lifts, stylesOf } from '../packages/catalog/src/index';
import { cuesAgainst } from '../packages/coaching/src/index';
import {
  kindOf,
  saysAtRandom,
  seededRandom,
  setsUntilGone,
  type CuePolicy,
  type SimulatedCue,
} from '../packages/simulator/src/index';

/** Cues that learn against the catalogue's order, and patterns found in random marks. SEED=… takes other clients. */
const SEED = Number(process.env.SEED ?? 515_151);
const CLIENTS = Number(process.env.CLIENTS ?? 400);
const print = (text: string) => process.stdout.write(`${text}\n`);

/** What the floor offers against every fault, and how many of it the lesson names. */
const faults = lifts.flatMap((lift) =>
  stylesOf(lift.id).flatMap((style) =>
    style.faults
      .filter((fault) => fault.cueIds.length > 0)
      .map((fault): { cues: SimulatedCue[]; named: number } => ({
        cues: cuesAgainst(fault, style),
        named: fault.cueIds.length,
      })),
  ),
);

function mean(policy: CuePolicy): number {
  const random = seededRandom(SEED);
  let sets = 0;
  for (let client = 0; client < CLIENTS; client += 1) {
    const { cues, named } = faults[Math.floor(random.unit() * faults.length)]!;
    sets += setsUntilGone(cues, named, kindOf(random), policy, {}, random);
  }
  return sets / CLIENTS;
}

const [spalo, catalogue] = [mean('spalo'), mean('catalogue')];
print(
  `Cues: ${spalo.toFixed(1)} sets until a fault is gone, against ${catalogue.toFixed(1)} in the catalogue's order ` +
    `(${((1 - spalo / catalogue) * 100).toFixed(0)} % fewer), ${CLIENTS} clients who answer to one kind, ${faults.length} faults`,
);
for (const share of [0.1, 0.2, 0.35, 0.5]) {
  const random = seededRandom(SEED + 1);
  const said = Array.from({ length: 2000 }, () => saysAtRandom(share, 4, random)).filter(Boolean);
  print(
    `Patterns in random marks, ${(share * 100).toFixed(0)} % of the reps, four sessions: ` +
      `${((100 * said.length) / 2000).toFixed(1)} % of clients are told of one`,
  );
}
