import { expose } from 'comlink';
import { followBar, lookAt, snapAt } from './read-film';

/** Films are taken apart here, picture by picture, beside the screen's thread. */
const work = { lookAt, snapAt, followBar };

export type FilmWork = typeof work;
expose(work);
