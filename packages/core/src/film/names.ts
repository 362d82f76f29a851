export { facings } from './path';
export { ways } from './reps';
export { filmSigns, type FilmSign } from './signs';
