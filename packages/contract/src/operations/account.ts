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
  putStudio: {
    method: 'put',
    path: '/studio',
    summary:
      'Change what the studio sets for itself: name, unit, zone, week, room, booking, wording',
    access: 'owner',
  },
  trainers: {
    method: 'get',
    path: '/trainers',
    summary: 'The trainers of the studio',
    access: 'trainer',
    forScripts: true,
  },
  addTrainer: {
    method: 'post',
    path: '/trainers',
    summary: 'Invite a trainer to the studio: answers a link that works once, within a week',
    access: 'owner',
  },
  linkFor: {
    method: 'post',
    path: '/trainers/:id/link',
    summary:
      'A new link for a trainer: an invitation again, or to choose a new password; earlier links end',
    access: 'owner',
  },
  putTrainer: {
    method: 'put',
    path: '/trainers/:id',
    summary: 'Change the role of a trainer; a studio keeps an owner',
    access: 'owner',
  },
  removeTrainer: {
    method: 'post',
    path: '/trainers/:id/leave',
    summary:
      'A trainer leaves the studio and hands their clients over: by an owner, or the trainer themselves',
    access: 'trainer',
  },
  readLink: {
    method: 'post',
    path: '/links/read',
    summary: 'Whom a link is for, and what it does',
    access: 'open',
  },
  useLink: {
    method: 'post',
    path: '/links/use',
    summary: 'Choose a password by a link, which ends it, and sign in',
    access: 'open',
  },
  changePassword: {
    method: 'put',
    path: '/auth/password',
    summary: 'Change the own password; every other browser is signed out',
    access: 'trainer',
  },
  signIns: {
    method: 'get',
    path: '/auth/sign-ins',
    summary: 'The browsers that one is signed in with',
    access: 'trainer',
  },
  endSignIn: {
    method: 'delete',
    path: '/auth/sign-ins/:id',
    summary: 'Sign one browser out',
    access: 'trainer',
  },
  endOtherSignIns: {
    method: 'post',
    path: '/auth/sign-ins/end-others',
    summary: 'Sign out everywhere but here',
    access: 'trainer',
  },
  ownData: {
    method: 'get',
    path: '/auth/own-data',
    summary: 'All that is kept about the trainer who asks',
    access: 'trainer',
  },
} as const satisfies Record<string, Operation>;
