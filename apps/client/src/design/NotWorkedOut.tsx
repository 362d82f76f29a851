import { Banner } from './Banner';
import { Button } from './Button';
import { capital } from './sentence';

/** Tries again what could not be worked out; null where nothing failed. */
export type Again = (() => void) | null;

/** Stands where a result would that could not be worked out; nothing where nothing failed. */
export function NotWorkedOut({ what, again }: { what: string; again: Again }) {
  if (!again) return null;
  return (
    <Banner
      icon="alert"
      title={`${capital(what)} could not be worked out`}
      action={<Button label="Try again" says={`Work out ${what} again`} onPress={again} />}
    />
  );
}
