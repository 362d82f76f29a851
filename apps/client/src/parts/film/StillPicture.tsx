import type { Still } from '@spalo/core/session';
import { Image, View } from 'react-native';
import { Quiet } from '../../design/Words';
import { useFilmFile } from './use-film-file';

/** A still with its line of text; says where it is not to be had. */
export function StillPicture({ still, height = 220 }: { still: Still; height?: number }) {
  const place = useFilmFile(still.id);
  return (
    <View className="gap-1">
      {'url' in place ? (
        <Image
          source={{ uri: place.url }}
          aria-label={still.text || 'Still of the set'}
          style={{ height, aspectRatio: 0.75 }}
          resizeMode="contain"
          className="rounded-xl bg-line"
        />
      ) : (
        <View
          className="items-center justify-center rounded-xl bg-line p-2"
          style={{ height, aspectRatio: 0.75 }}
        >
          <Quiet>{place.at === 'coming' ? '' : 'On another device, or not kept any more'}</Quiet>
        </View>
      )}
      {still.text !== '' && <Quiet className="max-w-[14rem] text-ink">{still.text}</Quiet>}
    </View>
  );
}
