import { lazyScreen } from './lazy-screen';

/** Where a one-time link leads. */
export const Join = lazyScreen(async () => (await import('./desk')).JoinScreen, 'the link');

/** Signing in: fetched by whoever is not. */
export const SignIn = lazyScreen(async () => (await import('./desk')).SignInScreen, 'the sign-in');
