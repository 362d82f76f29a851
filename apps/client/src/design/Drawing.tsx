import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import Svg from 'react-native-svg';

/** A picture as wide as its place; `draw` is given the width once it is known. `says` is read out instead. */
export function Drawing({
  height,
  says,
  draw,
}: {
  height: number;
  says: string;
  draw: (width: number) => ReactNode;
}) {
  const [width, setWidth] = useState(0);
  return (
    <View
      role="img"
      aria-label={says}
      onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
      style={{ height }}
    >
      {width > 0 && (
        <Svg width={width} height={height} aria-hidden>
          {draw(width)}
        </Svg>
      )}
    </View>
  );
}
