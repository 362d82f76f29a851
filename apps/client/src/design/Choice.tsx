import { Track, type TrackProps } from './Track';

/** One choice among few; `figures` sets the options in the number face. */
export const Choice = <T extends string | number | boolean | null>({
  wrap = false,
  ...track
}: TrackProps<T> & { figures?: boolean; wrap?: boolean }) => (
  <Track
    role="radio"
    className={wrap ? 'flex-wrap self-start' : ''}
    optionClass={wrap ? 'max-w-full px-3' : 'max-w-full flex-1 px-3'}
    {...track}
  />
);
