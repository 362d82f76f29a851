import { z } from 'zod';
import { line, unit } from '../primitives';
import { account, email, newPassword, trainer } from '../resources';
import { done, type Route } from '../route';

const credentials = z.object({
  email,
  password: z.string().min(1, 'Fill this in').max(200),
});

export const newStudio = z.object({
  studioName: line(80),
  unit,
  zone: line(60).refine((zone) => {
    try {
      return Boolean(new Intl.DateTimeFormat('en', { timeZone: zone }));
    } catch {
      return false;
    }
  }, 'Not a known time zone'),
  name: line(80),
  email,
  password: newPassword,
});
export const newTrainer = z.object({
  name: line(80),
  email,
  password: newPassword,
  role: z.enum(['owner', 'trainer']),
});

/** Studios, trainers and who is signed in. */
export const accountRoutes = {
  setup: {
    method: 'get',
    path: '/setup',
    summary: 'What the sign-in screen offers',
    access: 'open',
    answer: z.object({ firstRun: z.boolean(), demo: z.boolean(), gallery: z.boolean() }),
  },
  makeStudio: {
    method: 'post',
    path: '/setup/studio',
    summary: 'Make the first studio and its owner, once, on an empty database',
    access: 'open',
    body: newStudio,
    answer: account,
    problems: ['conflict'],
  },
  signIn: {
    method: 'post',
    path: '/auth/sign-in',
    summary: 'Sign in with e-mail and password',
    access: 'open',
    body: credentials,
    answer: account,
    problems: ['wrong-password', 'too-many-tries'],
  },
  signInDemo: {
    method: 'post',
    path: '/auth/demo',
    summary: 'Sign in as the demo trainer, where demo data is loaded',
    access: 'open',
    answer: account,
    problems: ['not-found'],
  },
  signOut: {
    method: 'post',
    path: '/auth/sign-out',
    summary: 'End this sign-in',
    access: 'trainer',
    answer: done,
  },
  me: {
    method: 'get',
    path: '/auth/me',
    summary: 'Who is signed in',
    access: 'trainer',
    answer: account,
  },
  trainers: {
    method: 'get',
    path: '/trainers',
    summary: 'The trainers of the studio',
    access: 'trainer',
    answer: z.object({ trainers: z.array(trainer) }),
  },
  addTrainer: {
    method: 'post',
    path: '/trainers',
    summary: 'Add a trainer to the studio',
    access: 'owner',
    body: newTrainer,
    answer: trainer,
    problems: ['conflict'],
  },
} satisfies Record<string, Route>;
