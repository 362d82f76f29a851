/** Whether bytes have others at a place. */
export const begins = (bytes: Uint8Array, mark: readonly number[], at = 0) =>
  mark.every((each, place) => bytes[at + place] === each);

/** Texts that are written in two bytes a letter show it where letters of one would have their second. */
function wideWithoutMark(bytes: Uint8Array): 'utf-16le' | 'utf-16be' | null {
  const some = bytes.subarray(0, 400);
  const zeros = (odd: 0 | 1) => some.filter((byte, at) => at % 2 === odd && byte === 0).length;
  if (zeros(1) > some.length / 4) return 'utf-16le';
  return zeros(0) > some.length / 4 ? 'utf-16be' : null;
}

/** The text of a file, in whichever of the usual encodings it is: UTF-8, UTF-16, else that of Western Windows. */
export function textIn(bytes: Uint8Array): string {
  const wide = begins(bytes, [0xff, 0xfe])
    ? 'utf-16le'
    : begins(bytes, [0xfe, 0xff])
      ? 'utf-16be'
      : wideWithoutMark(bytes);
  if (wide) return new TextDecoder(wide).decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}
