import { inGrams, type LogLoad } from '@spalo/core/strength';
import { Line, Path, Text as SvgText } from 'react-native-svg';
import { Drawing } from './Drawing';
import { tone } from './tone';

const HEIGHT = 132;
const GROUND = 92;
const STEPS = 80;

function bellPath({ mu, sd }: LogLoad, xOf: (grams: number) => number, tall: number): string {
  const points = Array.from({ length: STEPS + 1 }, (_, step) => {
    const z = -3 + (6 * step) / STEPS;
    const height = Math.exp(-0.5 * z * z) * tall;
    return `${xOf(Math.exp(mu + z * sd)).toFixed(1)} ${(GROUND - height).toFixed(1)}`;
  });
  return `M${points.join('L')}`;
}

const label = {
  fontFamily: 'BarlowCondensed_600SemiBold',
  fontSize: 18,
  textAnchor: 'middle',
} as const;

interface ShiftProps {
  before: LogLoad;
  now: LogLoad;
  text: (grams: number) => string;
}

function Hills({ before, now, text, width }: ShiftProps & { width: number }) {
  const low = Math.min(before.mu - 2 * before.sd, now.mu - 2.6 * now.sd);
  const high = Math.max(before.mu + 1.7 * before.sd, now.mu + 2.2 * now.sd);
  const [from, to] = [Math.exp(low), Math.exp(high)];
  const xOf = (grams: number) => ((grams - from) / (to - from)) * (width - 16) + 8;
  const narrow = Math.min(before.sd, now.sd);
  const tall = (bell: LogLoad) => 18 + 62 * (narrow / bell.sd);
  const { low: left, mean: middle, high: right } = inGrams(now);
  return (
    <>
      <Path
        d={bellPath(before, xOf, tall(before))}
        fill="none"
        stroke={tone('slate')}
        strokeWidth={2}
        strokeDasharray="5 5"
      />
      <Path
        d={`${bellPath(now, xOf, tall(now))}Z`}
        fill={tone('warm-up')}
        stroke={tone('moss')}
        strokeWidth={2}
      />
      <Line x1={0} x2={width} y1={GROUND} y2={GROUND} stroke={tone('ink')} strokeWidth={3} />
      <Line
        x1={xOf(left)}
        x2={xOf(right)}
        y1={GROUND + 8}
        y2={GROUND + 8}
        stroke={tone('moss')}
        strokeWidth={6}
        strokeLinecap="round"
      />
      {xOf(right) - xOf(left) > 84 && (
        <>
          <SvgText {...label} x={Math.max(16, xOf(left))} y={HEIGHT - 4} fill={tone('slate')}>
            {text(left)}
          </SvgText>
          <SvgText
            {...label}
            x={Math.min(width - 16, xOf(right))}
            y={HEIGHT - 4}
            fill={tone('slate')}
          >
            {text(right)}
          </SvgText>
        </>
      )}
      <SvgText {...label} fontSize={22} x={xOf(middle)} y={HEIGHT - 4} fill={tone('ink')}>
        {text(middle)}
      </SvgText>
    </>
  );
}

/** What was believed of a load before and what is now: two hills on one ground, with the likely range of the later. */
export function BeliefShift({ says, ...shift }: ShiftProps & { says: string }) {
  return (
    <Drawing height={HEIGHT} says={says} draw={(width) => <Hills {...shift} width={width} />} />
  );
}
