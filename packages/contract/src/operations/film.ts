import type { Operation } from './operation';

/** A piece of a film is at most so large, bytes. */
export const FILM_PIECE_BYTES = 256 * 1024;

/** Films of sets and stills from them. The bytes themselves go by `/films/:id/bytes`. */
export const filmOperations = {
  clientFilms: {
    method: 'get',
    path: '/clients/:id/films',
    summary: 'The files of films that the studio has of a client, and how far each has come in',
    access: 'trainer',
    forScripts: true,
  },
  putFilm: {
    method: 'put',
    path: '/films/:id',
    summary: 'Begin to send a file, or ask how far it has come; only with the client’s consent',
    access: 'trainer',
  },
  deleteFilm: {
    method: 'delete',
    path: '/films/:id',
    summary: 'Take a file of a film away',
    access: 'trainer',
  },
  filmRules: {
    method: 'get',
    path: '/film-rules',
    summary: 'How long films are kept, how much room they have and how much is taken',
    access: 'trainer',
    forScripts: true,
  },
  putFilmRules: {
    method: 'put',
    path: '/film-rules',
    summary: 'Change how long films are kept and how much room they have',
    access: 'owner',
  },
} as const satisfies Record<string, Operation>;
