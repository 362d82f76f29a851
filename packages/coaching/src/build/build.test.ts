import { bodyFromHeight } from '@spalo/core/geometry';
import fc from 'fast-check';
import { bodyOf, shankLeanOf, type Built } from './body-of';
import { poseAt, poseOf } from './pose';
import {
  answersOf,
  blocksSays,
  lookSays,
  pullStarts,
  squatLeans,
  stanceSays,
  whyText,
} from './says';

const rower: Built & { heightMm: number } = {
  heightMm: 1840,
  bodyMassG: 77_000,
  segments: { thighMm: 480, shinMm: 430, trunkMm: 500, armMm: 620 },
};

describe('what a set-up looks like for a body', () => {
  it('is drawn by its measured lengths, and says why it leans', () => {
    const body = bodyOf(rower)!;
    const pose = poseOf(rower, body, { squat: 'high bar' })!;
    expect(Math.hypot(pose.shoulder.x - pose.hip.x, pose.shoulder.y - pose.hip.y)).toBeCloseTo(500);
    expect(whyText(rower, body, { squat: 'high bar' })).toMatch(
      /^Leans \d+° more than the usual body of this height, and that is right: (longer thighs|shorter trunk)\.$/,
    );
    expect(answersOf(rower, body, { squat: 'high bar' })[0]).toMatch(
      /^Trunk leans: \d+°, likely \d+° to \d+°$/,
    );
  });

  it('says nothing of why for the usual body, and needs a height', () => {
    const usual = { ...rower, segments: null };
    expect(whyText(usual, bodyFromHeight(1840), { squat: 'high bar' })).toBeNull();
    expect(bodyOf({ heightMm: null, segments: null })).toBeNull();
  });

  it('is surer by tape than by a picture, and by a picture than by height', () => {
    const doubt = (segments: Built['segments']) => bodyOf({ heightMm: 1840, segments })!.thigh.sd;
    const tape = doubt(rower.segments);
    const still = doubt({ ...rower.segments!, by: 'still' });
    expect(tape).toBeLessThan(still);
    expect(still).toBeLessThan(doubt(null));
  });

  it('stands at its ends and bends in between, whatever the body and the position', () => {
    const positions = [{ squat: 'front' }, { squat: 'low bar' }, { pull: 'conventional' }] as const;
    fc.assert(
      fc.property(
        fc.integer({ min: 1500, max: 2000 }),
        fc.constantFrom(...positions),
        (heightMm, position) => {
          const built: Built = { heightMm, bodyMassG: 75_000, segments: null };
          const body = bodyOf(built)!;
          const [standing, half, there] = [0, 0.5, 1].map((share) =>
            poseAt(built, body, position, share),
          );
          expect(standing!.hip.y).toBeGreaterThan(half!.hip.y);
          expect(half!.hip.y).toBeGreaterThan(there!.hip.y);
          const final = poseOf(built, body, position)!;
          expect(there!.hip.x).toBeCloseTo(final.hip.x, 3);
          expect(there!.bar.y).toBeCloseTo(final.bar.y, 3);
        },
      ),
    );
  });
});

describe('what an ankle gives', () => {
  const body = bodyFromHeight(1750);
  it('is measured at the wall, or taken for usual, or for stiff', () => {
    const at = (kneeToWallMm: number) =>
      shankLeanOf({ segments: { ...rower.segments!, kneeToWallMm } }, body);
    expect(at(20)).toBeLessThan(at(100));
    const stiff = shankLeanOf({ segments: null, stiff: ['ankle bend'] }, body);
    expect(stiff).toBeLessThan(shankLeanOf({ segments: null }, body));
  });
});

describe('what is said of styles and stances', () => {
  const body = bodyOf(rower)!;
  it('is the lean in each squat style, in order, and what takes some of it off', () => {
    expect(squatLeans(rower, body, ['high bar', 'low bar', 'low bar'])).toMatch(
      /^For this body the trunk leans: high bar \d+°, low bar \d+°\.$/,
    );
    expect(stanceSays(rower, body, 'high bar')).toMatch(/^Less lean: heels raised 2 cm takes off/);
    expect(squatLeans(rower, body, [])).toBeNull();
  });

  it('is whether the body-weight squat went as the build lets expect', () => {
    const look = (squatLook: 'knees forward' | 'hips back' | null) =>
      lookSays({ ...rower, squatLook }, body);
    expect(look('hips back')).toContain('as this build lets expect');
    expect(look('knees forward')).toContain('though this build lets expect hips back');
    expect(look(null)).toBeNull();
  });

  it('is what small plates cost a pull, and the height that mends it', () => {
    expect(blocksSays(body, 'conventional', 115)).toMatch(
      /^The bar lies 11 cm lower and the trunk starts \d+° flatter: blocks of 11 cm/,
    );
    expect(blocksSays(body, 'conventional', 225)).toBeNull();
  });

  it('is where the hips start in each pull', () => {
    expect(pullStarts(body, ['conventional', 'wide'])).toMatch(
      /^For this body: conventional hips \d+ cm over the knee, trunk \d+° from the floor; wide hips/,
    );
  });
});
