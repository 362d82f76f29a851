/** Draws from a stream that its seed fixes: the same seed gives the same stream on every machine. */
export interface Random {
  /** Uniform in [0, 1). */
  unit(): number;
  /** Normal with mean 0 and standard deviation 1. */
  normal(): number;
  /** Whole number from `low` to `high`, both included. */
  between(low: number, high: number): number;
}

/** A 32-bit mixing generator with Box–Muller normals (Box and Muller, 1958). Not for secrets. */
export function seededRandom(seed: number): Random {
  let state = seed >>> 0;
  const unit = () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
  return {
    unit,
    normal: () => Math.sqrt(-2 * Math.log(1 - unit())) * Math.cos(2 * Math.PI * unit()),
    between: (low, high) => low + Math.floor(unit() * (high - low + 1)),
  };
}
