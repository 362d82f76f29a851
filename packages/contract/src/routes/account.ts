import { z } from 'zod';
import { accountOperations } from '../operations/account';
import { instant, line, unit, uuid } from '../primitives/values';
import {
  account,
  colleague,
  email,
  newPassword,
  oneTimeLink,
  role,
  signIn,
  studioFacts,
  trainer,
  zone,
} from '../resources/account';
import { paged } from './page';
import { byId, done, type Route } from './route';

const credentials = z.object({
  email,
  password: z.string().min(1, 'Fill this in').max(200),
  /** Which of them, for who works for several studios. */
  studioId: uuid.optional(),
});
const token = z.string().min(1).max(100);

export const newStudio = z.object({
  studioName: line(80),
  unit,
  zone,
  name: line(80),
  email,
  password: newPassword,
  /** What Spalo printed where it was started; asked of every other machine. */
  code: z.string().max(40).optional(),
});
export const newTrainer = z.object({ name: line(80), email, role });
export const passwordChange = z.object({
  current: z.string().min(1, 'Fill this in').max(200),
  password: newPassword,
});

/** Studios, trainers and who is signed in. */
export const accountRoutes = {
  setup: {
    ...accountOperations.setup,
    answer: z.object({
      firstRun: z.boolean(),
      needsCode: z.boolean(),
      demo: z.boolean(),
      gallery: z.boolean(),
      /** How much of an archive is in, from 0 to 1; null while none is brought in. */
      bringingIn: z.number().nullable(),
    }),
  },
  makeStudio: {
    ...accountOperations.makeStudio,
    body: newStudio,
    answer: account,
    problems: ['conflict', 'not-allowed'],
  },
  signIn: {
    ...accountOperations.signIn,
    body: credentials,
    answer: account,
    problems: ['wrong-password', 'choose-studio', 'too-many-tries', 'busy'],
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
  putStudio: {
    ...accountOperations.putStudio,
    body: studioFacts,
    answer: account,
    problems: ['not-found'],
  },
  trainers: paged(
    {
      ...accountOperations.trainers,
      answer: z.object({ trainers: z.array(colleague) }),
    },
    'trainers',
  ),
  addTrainer: {
    ...accountOperations.addTrainer,
    body: newTrainer,
    answer: z.object({ trainer: colleague, link: oneTimeLink }),
    problems: ['conflict'],
  },
  linkFor: {
    ...accountOperations.linkFor,
    params: byId,
    answer: oneTimeLink,
    problems: ['not-found'],
  },
  putTrainer: {
    ...accountOperations.putTrainer,
    params: byId,
    body: z.object({ role }),
    answer: colleague,
    problems: ['not-found', 'conflict'],
  },
  removeTrainer: {
    ...accountOperations.removeTrainer,
    params: byId,
    body: z.object({ handTo: uuid }),
    answer: done,
    problems: ['not-found', 'not-allowed', 'conflict'],
  },
  readLink: {
    ...accountOperations.readLink,
    body: z.object({ token }),
    answer: z.object({
      kind: oneTimeLink.shape.kind,
      studioName: z.string(),
      name: z.string(),
      email: z.string(),
    }),
    problems: ['gone'],
  },
  useLink: {
    ...accountOperations.useLink,
    body: z.object({ token, password: newPassword }),
    answer: account,
    problems: ['gone', 'busy'],
  },
  changePassword: {
    ...accountOperations.changePassword,
    body: passwordChange,
    answer: done,
    problems: ['too-many-tries', 'busy'],
  },
  signIns: paged(
    {
      ...accountOperations.signIns,
      answer: z.object({ signIns: z.array(signIn) }),
    },
    'signIns',
  ),
  endSignIn: {
    ...accountOperations.endSignIn,
    params: byId,
    answer: done,
    problems: ['not-found'],
  },
  endOtherSignIns: { ...accountOperations.endOtherSignIns, answer: done },
  ownData: {
    ...accountOperations.ownData,
    answer: z.object({
      format: z.literal('spalo-trainer'),
      version: z.literal(1),
      exportedAt: instant,
      account: trainer.extend({ studio: z.string(), since: instant }),
      signIns: z.array(signIn.omit({ current: true })),
      clients: z.array(z.object({ id: uuid, name: z.string() })),
      sessions: z.array(z.object({ id: uuid, startedAt: instant, finishedAt: instant.nullable() })),
      /** How many entries of logs bear their name, and how many of those came by another's sign-in. */
      entries: z.object({ written: z.int(), sentByOthers: z.int() }),
      screeningOpenings: z.array(z.object({ clientId: uuid, at: instant, allowed: z.boolean() })),
    }),
  },
} satisfies Record<string, Route>;
