import { barDropMm, plateChange } from '@spalo/core/plates';
import { platesOf, type Build, type Plate } from '@spalo/core/room';
import { massNumber } from '@spalo/core/unit';

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

/** Where the plates of a build go: on each side, or all on one horn. */
const where = (build: Build) =>
  build.kind === 'machine' && build.machine.horns === 1 ? 'in all' : 'a side';

/** What the load is on, by name: "Long bar, 20 kg". */
function holder(build: Build): string {
  switch (build.kind) {
    case 'barbell': {
      const { name, massG, unit } = build.bar;
      const own = `${massNumber(massG, unit)} ${unit}`;
      return build.hands === 2 ? `Two of ${name}, ${own} each` : `${name}, ${own}`;
    }
    case 'machine': {
      const { name, massG, unit } = build.machine;
      return `${name}, ${massNumber(massG, unit)} ${unit} empty`;
    }
    case 'dumbbell':
    case 'kettlebell': {
      const { massG, unit } = build.kind === 'dumbbell' ? build.dumbbell : build.kettlebell;
      return `${build.hands === 2 ? 'Two' : 'One'} ${build.kind}${build.hands === 2 ? 's' : ''} of ${massNumber(massG, unit)} ${unit}`;
    }
    case 'stack': {
      const { name, unit, assisted } = build.stack;
      const extra = build.addOnsG.map((grams) => ` + ${massNumber(grams, unit)}`).join('');
      return `${name}, ${assisted ? 'help' : 'pin'} at ${massNumber(build.pinG, unit)}${extra} ${unit}`;
    }
    case 'body':
      return 'Bodyweight';
  }
}

/** Whether two builds are loaded onto the same thing, so that plates can stay. */
function sameHolder(a: Build, b: Build): boolean {
  if (a.kind === 'barbell' && b.kind === 'barbell') return a.bar.id === b.bar.id;
  if (a.kind === 'machine' && b.kind === 'machine') return a.machine.id === b.machine.id;
  return a.kind === 'body' && b.kind === 'body';
}

/** What is on the implement, and what to change where something else was on it. */
export function buildText(build: Build, previous: Build | null): string {
  if (build.kind === 'body') {
    return build.added.length > 0
      ? `Bodyweight, with ${platesText(build.added)} added`
      : 'Bodyweight';
  }
  if (build.kind !== 'barbell' && build.kind !== 'machine') return holder(build);
  const plates = platesOf(build);
  const on = plates.length > 0 ? `${platesText(plates)} ${where(build)}` : 'nothing on it';
  const change = previous ? changeText(build, previous) : '';
  return `${holder(build)}, ${on}${change ? `: ${change}` : ''}`;
}

/** What to do to the plates since the last set: "off 5, add 10 + 2.5 a side", or nothing. */
export function changeText(build: Build, previous: Build | null): string {
  if (build.kind !== 'barbell' && build.kind !== 'machine') return '';
  const before = previous && sameHolder(build, previous) ? platesOf(previous) : [];
  const { takeOff, add } = plateChange(before, platesOf(build));
  const cleared = takeOff.length > 1 && takeOff.length === before.length;
  const parts = [
    cleared ? 'clear it' : takeOff.length > 0 ? `off ${platesText(takeOff)}` : '',
    add.length > 0 ? `add ${platesText(add)}` : '',
  ].filter(Boolean);
  if (parts.length === 0) return '';
  return cleared && add.length === 0 ? 'clear it' : `${parts.join(', ')} ${where(build)}`;
}

/** What the height of a bar on small plates means for a pull from the floor; null on full plates. */
export function dropText(build: Build): string | null {
  if (build.kind !== 'barbell') return null;
  const drop = Math.round(barDropMm(build.perSide));
  if (drop === 0) return null;
  return `From the floor the bar lies ${drop} mm lower than on full plates: stand the plates on blocks of ${drop} mm`;
}
