/** Names of the palette; global.css holds their values for both themes. */
export type Tone =
  | 'paper'
  | 'card'
  | 'ink'
  | 'slate'
  | 'line'
  | 'moss'
  | 'on-moss'
  | 'warm-up'
  | 'coming'
  | 'marigold'
  | 'on-marigold'
  | 'marigold-soft'
  | 'marigold-text'
  | 'oxide'
  | 'oxide-soft';

/** A tone for drawings, which take colours rather than classes. */
export const tone = (name: Tone) => `rgb(var(--${name}))`;
