const BROWSERS: [string, RegExp][] = [
  ['Edge', /Edg/],
  ['Firefox', /Firefox|FxiOS/],
  ['Chrome', /Chrome|CriOS/],
  ['Safari', /Safari/],
];
const SYSTEMS: [string, RegExp][] = [
  ['iPhone', /iPhone/],
  ['iPad', /iPad/],
  ['Android', /Android/],
  ['Windows', /Windows/],
  ['Mac', /Mac OS X/],
  ['Linux', /Linux/],
];

/** A browser in words, as its trainer knows it: "Firefox on Android". Not proof of anything. */
export function browserName(userAgent: string | undefined): string {
  const named = (list: [string, RegExp][]) =>
    list.find(([, pattern]) => pattern.test(userAgent ?? ''))?.[0];
  return `${named(BROWSERS) ?? 'Some browser'} on ${named(SYSTEMS) ?? 'some device'}`;
}
