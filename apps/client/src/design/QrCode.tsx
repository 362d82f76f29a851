import makeCode from 'qrcode-generator';
import { useMemo } from 'react';
import { View } from 'react-native';
import Svg, { Path, Rect } from 'react-native-svg';

/** Light modules around a code, as its standard asks (ISO/IEC 18004). */
const QUIET = 4;

/** The dark modules of a text's code as one path, and how many stand in a row. */
function codeOf(text: string): { path: string; count: number } {
  const code = makeCode(0, 'M');
  code.addData(text);
  code.make();
  const count = code.getModuleCount();
  const places = Array.from({ length: count }, (_, at) => at);
  const path = places
    .flatMap((row) =>
      places
        .filter((column) => code.isDark(row, column))
        .map((column) => `M${column + QUIET} ${row + QUIET}h1v1h-1z`),
    )
    .join('');
  return { path, count: count + 2 * QUIET };
}

/** A text that a camera reads: always dark on light, whatever the theme. */
export function QrCode({ text, size }: { text: string; size: number }) {
  const { path, count } = useMemo(() => codeOf(text), [text]);
  return (
    <View role="img" aria-label={`Code of ${text}, for a camera`}>
      <Svg width={size} height={size} viewBox={`0 0 ${count} ${count}`} aria-hidden>
        <Rect width={count} height={count} fill="#fff" />
        <Path d={path} fill="#000" />
      </Svg>
    </View>
  );
}
