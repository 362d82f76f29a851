import { z } from 'zod';
import { accountOperations } from '../operations/account';
import { line, unit } from '../primitives/values';
import { account, email, newPassword, role, trainer } from '../resources/account';
import { done, type Route } from './route';

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
  role,
});

/** Studios, trainers and who is signed in. */
export const accountRoutes = {
  setup: {
    ...accountOperations.setup,
    answer: z.object({ firstRun: z.boolean(), demo: z.boolean(), gallery: z.boolean() }),
  },
  makeStudio: {
    ...accountOperations.makeStudio,
    body: newStudio,
    answer: account,
    problems: ['conflict'],
  },
  signIn: {
    ...accountOperations.signIn,
    body: credentials,
    answer: account,
    problems: ['wrong-password', 'too-many-tries'],
  },
  signInDemo: {
    ...accountOperations.signInDemo,
    answer: account,
    problems: ['not-found'],
  },
  signOut: {
    ...accountOperations.signOut,
    answer: done,
  },
  me: {
    ...accountOperations.me,
    answer: account,
  },
  trainers: {
    ...accountOperations.trainers,
    answer: z.object({ trainers: z.array(trainer) }),
  },
  addTrainer: {
    ...accountOperations.addTrainer,
    body: newTrainer,
    answer: trainer,
    problems: ['conflict'],
  },
} satisfies Record<string, Route>;
