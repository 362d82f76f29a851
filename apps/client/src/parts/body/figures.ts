/** All that draws a body in a set-up: one chunk, fetched where the first figure is looked at. */
export { ForThisBody } from './ForThisBody';
export { computedFor } from './computed-for';
export { drawnFigure } from './drawn-figure';
export { StyleFigure, StylesForBody } from './StyleFigure';
