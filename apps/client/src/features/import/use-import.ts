import { nowMs } from '@spalo/core/unit';
import type { Reading } from '@spalo/coaching/import';
import type { Account } from '@spalo/contract';
import { useEffect, useRef, useState } from 'react';
import { call } from '../../api/call';
import { formDay } from '../../parts/time/day-time';
import { offerBack } from '../../state/changes/take-back';
import { FileInWorker } from '../../state/import/ask-import';
import { textOfPage } from '../../state/import/html-table';
import type { FileView } from '../../state/import/read-file';
import { fetchImports, takeImportBack } from '../../state/import/imports';
import { useRemembered } from '../../state/import/remembered';
import { newId } from '../../state/log/ids';
import { useClients, useOwnLifts } from '../../state/queries';
import { useMeant } from './use-meant';

const words = (error: unknown) => (error instanceof Error ? error.message : 'That did not work');

/** A file that is a page with a table, as text; any other as it is. Only the screen's thread can read a page. */
function withoutPage(given: ArrayBuffer): ArrayBuffer {
  const page = textOfPage(new Uint8Array(given));
  return page === null ? given : new TextEncoder().encode(page).buffer;
}

/** A file from when it is chosen until it is brought in: how it is read, what its names mean, and what of it is new. */
export function useImport(account: Account) {
  const { data: clients = [] } = useClients();
  const own = useOwnLifts();
  const { files, remember } = useRemembered();
  const file = useRef<FileInWorker | null>(null);
  const [fileName, setFileName] = useState('');
  const [view, setView] = useState<FileView | null>(null);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const [withFaults, setWithFaults] = useState(false);
  const [count, setCount] = useState<{ added: number; already: number } | null>(null);
  const { beginAnew, ...names } = useMeant(view, fileName, clients);
  useEffect(() => () => file.current?.close(), []);

  const run = async (work: () => Promise<void>) => {
    setBusy(true);
    setProblem(null);
    setCount(null);
    try {
      await work();
    } catch (error) {
      setProblem(words(error));
    } finally {
      setBusy(false);
    }
  };
  const shown = async (first: FileView) => {
    const known = files[first.heading];
    beginAnew(known?.liftOf ?? {});
    setView(known ? await file.current!.read(known.reading) : first);
  };
  const open = (name: string, given: ArrayBuffer) =>
    run(async () => {
      file.current?.close();
      const { unit, zone } = account.studio;
      const fresh = new FileInWorker({ unit, today: formDay(nowMs(), zone), own });
      file.current = fresh;
      setFileName(name);
      setView(null);
      setWithFaults(false);
      await shown(await fresh.open(withoutPage(given)));
    });
  const chooseSheet = (sheet: number) => run(async () => shown(await file.current!.sheet(sheet)));
  const read = (change: Partial<Reading>) =>
    run(async () => {
      if (view) setView(await file.current!.read({ ...view.reading, ...change }));
    });
  const facts = async () => {
    const all = await file.current!.facts(names.meant!);
    if (all.lifts.length === 0) throw new Error('No set is left: say whose it is, and which lift');
    return all;
  };
  const check = () => run(async () => setCount(await call('checkImport', { body: await facts() })));
  const bring = (then: () => void) =>
    run(async () => {
      const id = newId();
      const { added } = await call('putImport', { params: { id }, body: await facts() });
      remember(view!.heading, { reading: view!.reading, liftOf: names.meant!.liftOf });
      await fetchImports();
      if (added > 0) {
        offerBack({ says: `${added} sets brought in`, back: () => takeImportBack(id) });
      }
      then();
    });
  /** What was counted was counted of something else. */
  const anew =
    <A extends unknown[]>(change: (...args: A) => void) =>
    (...args: A) => {
      setCount(null);
      change(...args);
    };
  return {
    view,
    meant: names.meant,
    busy,
    problem,
    count,
    withFaults,
    withDoubts: names.withDoubts,
    clients,
    open,
    chooseSheet,
    read,
    check,
    bring,
    setWithFaults,
    setWithDoubts: anew(names.setWithDoubts),
    meanLift: anew(names.meanLift),
    meanClient: anew(names.meanClient),
  };
}

export type Importing = ReturnType<typeof useImport>;
