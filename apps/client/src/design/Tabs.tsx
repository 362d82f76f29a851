import { Track, type TrackProps } from './Track';

/** The parts of a page, of which one is shown. What it shows is the page's to draw. */
export const Tabs = <T extends string>(track: TrackProps<T>) => (
  <Track role="tab" className="max-w-[34rem] flex-wrap" optionClass="grow px-2" {...track} />
);
