/** A length of the body in millimetres, with how sure it is (standard deviation). */
export interface Length {
  mm: number;
  sd: number;
}

/** Where a body's lengths come from, the surest first. */
export const lengthSources = ['tape', 'still', 'height'] as const;
export type LengthSource = (typeof lengthSources)[number];

/** The lengths that a set-up follows from, in side view. */
export interface BodyLengths {
  /** Knee line to ankle bone. */
  shank: Length;
  /** Hip bone to knee line. */
  thigh: Length;
  /** Hip bone to shoulder bone. */
  trunk: Length;
  /** Shoulder bone to the middle of the fist. */
  arm: Length;
  /** Heel to toes. */
  foot: Length;
  /** Floor to ankle bone. */
  ankle: Length;
}

/** Which length of a body. */
export type BodyPart = keyof BodyLengths;
export const bodyParts = [
  'shank',
  'thigh',
  'trunk',
  'arm',
  'foot',
  'ankle',
] as const satisfies readonly BodyPart[];

/**
 * Shares of the height (Drillis and Contini, 1966); the arm is upper arm, forearm and the 5 % from wrist to grip.
 */
const SHARES: Record<BodyPart, number> = {
  shank: 0.246,
  thigh: 0.245,
  trunk: 0.288,
  arm: 0.186 + 0.146 + 0.05,
  foot: 0.152,
  ankle: 0.039,
};

/** Doubt of a length by its source: a share of it by height and by a still, millimetres by tape. */
const DOUBT = { height: 0.04, still: 0.025, tapeMm: 8 } as const;

const doubtOf = (mm: number, source: LengthSource): number =>
  source === 'tape' ? DOUBT.tapeMm : mm * DOUBT[source];

/** A length that was measured. */
export const measured = (mm: number, source: Exclude<LengthSource, 'height'>): Length => ({
  mm,
  sd: doubtOf(mm, source),
});

/** The lengths that a height lets expect; `heightMm` 900 to 2400. */
export function bodyFromHeight(heightMm: number): BodyLengths {
  const length = (part: BodyPart): Length => {
    const mm = heightMm * SHARES[part];
    return { mm, sd: doubtOf(mm, 'height') };
  };
  return {
    shank: length('shank'),
    thigh: length('thigh'),
    trunk: length('trunk'),
    arm: length('arm'),
    foot: length('foot'),
    ankle: length('ankle'),
  };
}

/** A body by its height, with what of it was measured in its place. */
export const bodyWith = (heightMm: number, known: Partial<BodyLengths>): BodyLengths => ({
  ...bodyFromHeight(heightMm),
  ...known,
});

/** The ankle stands this share of the foot behind its middle. */
export const ANKLE_BACK = 0.23;
