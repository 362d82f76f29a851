import type { z } from 'zod';
import { accountRoutes } from '../routes/account';
import { calendarRoutes } from '../routes/calendar';
import { clientRoutes } from '../routes/client';
import { filmRoutes } from '../routes/film';
import { logRoutes } from '../routes/log';
import { recordRoutes } from '../routes/record';
import { studioRoutes } from '../routes/studio';

/** Every operation of the API, by name. */
export const routes = {
  ...accountRoutes,
  ...clientRoutes,
  ...studioRoutes,
  ...filmRoutes,
  ...calendarRoutes,
  ...logRoutes,
  ...recordRoutes,
};

export type Routes = typeof routes;
export type RouteName = keyof Routes;

type In<T> = T extends z.ZodType ? z.input<T> : undefined;
type Out<T> = T extends z.ZodType ? z.output<T> : undefined;
type Part<N extends RouteName, K extends 'params' | 'query' | 'body'> =
  Routes[N] extends Record<K, infer S> ? S : undefined;

type QueryOf<Q> = Q extends undefined
  ? unknown
  : object extends In<Q>
    ? { query?: In<Q> }
    : { query: In<Q> };

/** What a caller of a route passes. */
export type Call<N extends RouteName> = (Part<N, 'params'> extends undefined
  ? unknown
  : { params: In<Part<N, 'params'>> }) &
  QueryOf<Part<N, 'query'>> &
  (Part<N, 'body'> extends undefined ? unknown : { body: In<Part<N, 'body'>> });

/** What the server's handler of a route receives, after validation. */
export interface Received<N extends RouteName> {
  params: Out<Part<N, 'params'>>;
  query: Out<Part<N, 'query'>>;
  body: Out<Part<N, 'body'>>;
}

export type AnswerOf<N extends RouteName> = z.output<Routes[N]['answer']>;
