import { massNumber, plateChange, type Build, type Plate } from '@spalo/core';

/** Plates in words, as "5 + 1.25", each in the unit printed on it. */
export function platesText(plates: readonly Plate[]): string {
  const mixed =
    plates.some((plate) => plate.unit === 'lb') && plates.some((plate) => plate.unit === 'kg');
  return plates
    .map(
      (plate) =>
        massNumber(plate.massG, plate.unit) +
        (plate.unit === 'lb' || mixed ? ` ${plate.unit}` : ''),
    )
    .join(' + ');
}

/** What is on the implement, and what to change where something else was on it. */
export function buildText(build: Build, previous: Build | null): string {
  if (build.kind === 'dumbbell') {
    const { massG, unit } = build.dumbbell;
    return `${build.hands === 2 ? 'Two dumbbells' : 'One dumbbell'} of ${massNumber(massG, unit)} ${unit}`;
  }
  const on = build.perSide.length > 0 ? `${platesText(build.perSide)} a side` : 'nothing on it';
  const change = previous ? changeText(build, previous) : '';
  const bar = `${build.bar.name}, ${massNumber(build.bar.massG, build.bar.unit)} ${build.bar.unit}`;
  return `${bar}, ${on}${change ? `: ${change}` : ''}`;
}

/** What to do to the bar since the last set: "off 5, add 10 + 2.5 a side", or nothing. */
export function changeText(build: Build, previous: Build | null): string {
  if (build.kind === 'dumbbell') return '';
  const same = previous?.kind === 'barbell' && previous.bar.id === build.bar.id;
  const before = same ? previous.perSide : [];
  const { takeOff, add } = plateChange(before, build.perSide);
  const cleared = takeOff.length > 1 && takeOff.length === before.length;
  const parts = [
    cleared ? 'clear it' : takeOff.length > 0 ? `off ${platesText(takeOff)}` : '',
    add.length > 0 ? `add ${platesText(add)}` : '',
  ].filter(Boolean);
  return parts.length > 0 ? `${parts.join(', ')} a side` : '';
}
