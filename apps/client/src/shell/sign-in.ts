import { lazyScreen } from './lazy-screen';

/** Signing in: fetched by whoever is not. */
export const SignIn = lazyScreen(async () => (await import('./desk')).SignInScreen, 'the sign-in');
