import { seededRandom } from '@spalo/simulator';

/** Choices by a seed: the same seed makes the same plan of work and faults, though not the same timing. */
export function chance(seed: number) {
  const random = seededRandom(seed);
  return {
    below: (limit: number) => Math.floor(random.unit() * limit),
    one: <T>(list: readonly T[]): T => list[Math.floor(random.unit() * list.length)]!,
    happens: (share: number) => random.unit() < share,
  };
}

export type Chance = ReturnType<typeof chance>;
