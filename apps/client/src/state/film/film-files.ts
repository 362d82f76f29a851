import type { ClipType } from '@spalo/core/session';
import { createStore, del, entries, get, set, type UseStore } from 'idb-keyval';
import { create } from 'zustand';
import { journal } from '../device';

/** A film or still as it rests on the device. */
export interface HeldFile {
  blob: Blob;
  clientId: string;
  sessionId: string;
  kind: 'clip' | 'still';
  type: ClipType | 'image/jpeg';
  /** The trainer lets it go to the studio. */
  wanted: boolean;
  /** The studio has it whole. */
  sent: boolean;
  /** Why the studio will not have it; null while it may. */
  refusal: string | null;
}

/** What the screen shows of a file's way to the studio. */
export type FileWay = Pick<HeldFile, 'wanted' | 'sent' | 'refusal'> & {
  received: number;
  bytes: number;
};

/** How far each file of this device is, by id. */
export const useFileWays = create<{ ways: Readonly<Record<string, FileWay>> }>(() => ({
  ways: {},
}));

export const setWay = (id: string, change: Partial<FileWay>): void =>
  useFileWays.setState(({ ways }) => {
    const before = ways[id] ?? { wanted: false, sent: false, refusal: null, received: 0, bytes: 0 };
    return { ways: { ...ways, [id]: { ...before, ...change } } };
  });

/** Whether the ways of all files of the store are known. */
let read = false;
let opened: { holder: string; store: UseStore } | null = null;

/** The store of whoever uses the device: another's films rest in a store of their own and are never read. */
function theirs(): UseStore {
  const { holder } = journal.state.getState();
  if (!holder) throw new Error('Sign in first');
  if (opened?.holder !== holder) {
    opened = { holder, store: createStore(`spalo-films-${holder}`, 'files') };
    useFileWays.setState({ ways: {} });
    read = false;
  }
  return opened.store;
}

const wayOf = ({ wanted, sent, refusal, blob }: HeldFile): FileWay => ({
  wanted,
  sent,
  refusal,
  received: sent ? blob.size : 0,
  bytes: blob.size,
});

export async function putFile(id: string, file: HeldFile): Promise<void> {
  await set(id, file, theirs());
  setWay(id, wayOf(file));
}

export const getFile = (id: string): Promise<HeldFile | undefined> => get<HeldFile>(id, theirs());

export async function dropFile(id: string): Promise<void> {
  await del(id, theirs());
  useFileWays.setState(({ ways }) => {
    const { [id]: _gone, ...rest } = ways;
    return { ways: rest };
  });
}

/** All files of this device, by id. */
async function allFiles(): Promise<[string, HeldFile][]> {
  const held = await entries<string, HeldFile>(theirs());
  for (const [id, file] of held) if (!useFileWays.getState().ways[id]) setWay(id, wayOf(file));
  return held;
}

/** Files that may go to the studio and are not there yet. The store is read once; then their ways tell. */
export async function waitingFiles(): Promise<[string, HeldFile][]> {
  theirs();
  if (!read) {
    await allFiles();
    read = true;
  }
  const { ways } = useFileWays.getState();
  const ids = Object.keys(ways).filter((id) => {
    const { wanted, sent, refusal } = ways[id]!;
    return wanted && !sent && refusal === null;
  });
  const held = await Promise.all(ids.map(async (id) => [id, await getFile(id)] as const));
  return held.flatMap(([id, file]): [string, HeldFile][] => (file ? [[id, file]] : []));
}

/** Lets go of the films of clients who were deleted for good. */
export async function forgetFilms(clientIds: readonly string[]): Promise<void> {
  for (const [id, { clientId }] of await allFiles())
    if (clientIds.includes(clientId)) await dropFile(id);
}
