import type { ListedClient } from '@spalo/contract';
import { useMemo, useState } from 'react';
import type { FileView, Meant } from '../../state/import/read-file';

type Names = Record<string, string | null>;

/** The client whose name or called name a file uses; null where none has it, or several. */
function clientNamed(name: string, clients: readonly ListedClient[]): string | null {
  // A name that would be a formula stands behind an apostrophe in our own files.
  const said = name.replace(/^'/, '').trim().toLowerCase();
  const found = clients.filter(({ name: full, calledName }) =>
    [full, calledName].some((each) => each.trim() !== '' && each.trim().toLowerCase() === said),
  );
  return found.length === 1 ? found[0]!.id : null;
}

/** What the names of a file mean: as somebody said, else as they are found to. */
const meaning = <N extends { name: string }>(
  names: readonly N[],
  said: Names,
  found: (name: N) => string | null,
): Names =>
  Object.fromEntries(
    names.map((each) => [each.name, each.name in said ? said[each.name]! : found(each)]),
  );

/** Whom and which lifts the names of a file mean, and whether its doubtful rows come in. */
export function useMeant(
  view: FileView | null,
  fileName: string,
  clients: readonly ListedClient[],
) {
  const [liftOf, setLiftOf] = useState<Names>({});
  const [clientOf, setClientOf] = useState<Names>({});
  const [withDoubts, setWithDoubts] = useState(false);
  const meant = useMemo(
    (): Meant | null =>
      view && {
        fileName,
        liftOf: meaning(view.lifts, liftOf, ({ found }) => (found?.sure ? found.liftId : null)),
        clientOf: meaning(view.clients, clientOf, ({ name }) => clientNamed(name, clients)),
        without: withDoubts ? [] : view.doubts.map(({ row }) => row),
      },
    [view, liftOf, clientOf, clients, fileName, withDoubts],
  );
  return {
    meant,
    withDoubts,
    setWithDoubts,
    meanLift: (name: string, id: string | null) => setLiftOf({ ...liftOf, [name]: id }),
    meanClient: (name: string, id: string | null) => setClientOf({ ...clientOf, [name]: id }),
    /** For another file: what is known of its lifts, and nothing of its clients. */
    beginAnew: (known: Names) => {
      setLiftOf(known);
      setClientOf({});
      setWithDoubts(false);
    },
  };
}
