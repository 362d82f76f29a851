import { bodyFromHeight } from '@spalo/core/geometry';
import { answersOf, bodyOf, poseOf, whyText, type Position } from './for-this-body';

const rower = {
  heightMm: 1840,
  segments: { thighMm: 480, shinMm: 430, trunkMm: 500, armMm: 620 },
};
const squat: Position = { lift: 'squat', style: 'high bar' };

describe('what a set-up looks like for a body', () => {
  it('is drawn by its measured lengths, and says why it leans', () => {
    const body = bodyOf(rower)!;
    const pose = poseOf(body, squat, 77_000)!;
    expect(Math.hypot(pose.shoulder.x - pose.hip.x, pose.shoulder.y - pose.hip.y)).toBeCloseTo(500);
    expect(whyText(body, rower.heightMm, squat, 77_000)).toMatch(
      /^Leans \d+° more than the usual body of this height, and that is right: (longer thighs|shorter trunk)\.$/,
    );
    expect(answersOf(body, squat, 77_000)[0]).toMatch(/^Trunk leans: \d+°, likely \d+° to \d+°$/);
  });

  it('says nothing of why for the usual body, and needs a height', () => {
    expect(whyText(bodyFromHeight(1840), 1840, squat, 77_000)).toBeNull();
    expect(bodyOf({ heightMm: null, segments: null })).toBeNull();
  });
});
