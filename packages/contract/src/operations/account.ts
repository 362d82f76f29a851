import type { Operation } from './operation';

/** Studios, trainers and who is signed in. */
export const accountOperations = {
  setup: {
    method: 'get',
    path: '/setup',
    summary: 'What the sign-in screen offers',
    access: 'open',
  },
  makeStudio: {
    method: 'post',
    path: '/setup/studio',
    summary: 'Make the first studio and its owner, once, on an empty database',
    access: 'open',
  },
  signIn: {
    method: 'post',
    path: '/auth/sign-in',
    summary: 'Sign in with e-mail and password',
    access: 'open',
  },
  signInDemo: {
    method: 'post',
    path: '/auth/demo',
    summary: 'Sign in as the demo trainer, where demo data is loaded',
    access: 'open',
  },
  signOut: {
    method: 'post',
    path: '/auth/sign-out',
    summary: 'End this sign-in',
    access: 'trainer',
  },
  me: {
    method: 'get',
    path: '/auth/me',
    summary: 'Who is signed in',
    access: 'trainer',
  },
  trainers: {
    method: 'get',
    path: '/trainers',
    summary: 'The trainers of the studio',
    access: 'trainer',
  },
  addTrainer: {
    method: 'post',
    path: '/trainers',
    summary: 'Add a trainer to the studio',
    access: 'owner',
  },
} as const satisfies Record<string, Operation>;
