import { z } from 'zod';
import { filmOperations } from '../operations/film';
import { filmFile, filmFileFacts, filmRules } from '../resources/film';
import { paged } from './page';
import { byId, done, type Route } from './route';

/** Files of films, and how the studio keeps them. */
export const filmRoutes = {
  clientFilms: paged(
    {
      ...filmOperations.clientFilms,
      params: byId,
      answer: z.object({ films: z.array(filmFile) }),
      problems: ['not-found'],
    },
    'films',
  ),
  putFilm: {
    ...filmOperations.putFilm,
    params: byId,
    body: filmFileFacts,
    answer: filmFile,
    problems: ['not-found', 'not-allowed', 'conflict', 'too-large'],
  },
  deleteFilm: {
    ...filmOperations.deleteFilm,
    params: byId,
    answer: done,
    problems: ['not-found'],
  },
  filmRules: {
    ...filmOperations.filmRules,
    answer: filmRules.extend({ taken: z.number() }),
  },
  putFilmRules: {
    ...filmOperations.putFilmRules,
    body: filmRules,
    answer: filmRules,
  },
} satisfies Record<string, Route>;
