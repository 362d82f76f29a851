import { makeJournal, type Journal } from '../../apps/client/src/state/log/journal';
import { refusedEntries, waitingEntries } from '../../apps/client/src/state/log/entries';
import { memoryJournal, type JournalStore } from '../../apps/client/src/state/log/journal-store';
import { makeSync, type Sync } from '../../apps/client/src/state/log/sync';
import type { Chance } from './chance';
import { Network, type Weather } from './network';

class CutOff extends Error {}

/** The time that a device believes in: its clock jumps. */
const RealDate = Date;
let offsetMs = 0;
globalThis.Date = class extends RealDate {
  constructor(...given: [] | [number | string]) {
    if (given.length === 0) super(RealDate.now() + offsetMs);
    else super(given[0]);
  }
  static override now() {
    return RealDate.now() + offsetMs;
  }
} as DateConstructor;

/**
 * A trainer's device with the app's own journal and synchronising. What its disk has stored stays; the device may be cut off
 * while it stores, before or after, and then starts again from its disk.
 */
export class Device {
  readonly network: Network;
  private readonly disk = memoryJournal();
  journal!: Journal;
  private sync!: Sync;
  private clockMs = 0;
  private fragile = false;
  readonly counts = { cutOff: 0, clockJumps: 0 };
  /** Ids of events whose storing was acknowledged to the trainer. */
  readonly acknowledged = new Map<string, string>();

  constructor(
    address: string,
    private readonly author: { trainerId: string; device: string },
    private readonly chance: Chance,
    private readonly weather: Weather,
  ) {
    this.network = new Network(address, chance, weather);
  }

  /** As after a start of the app. */
  async start(): Promise<void> {
    const put: JournalStore['put'] = async (list) => {
      const cut = this.weather.bad && this.fragile && this.chance.happens(0.01);
      if (cut && this.chance.happens(0.5)) throw new CutOff();
      await this.disk.put(list);
      if (cut) throw new CutOff();
    };
    this.journal = makeJournal({ ...this.disk, put });
    this.sync = makeSync(this.journal, this.network.call);
    this.fragile = false;
    await this.journal.load(RealDate.now());
    this.fragile = true;
  }

  jumpClock(): void {
    this.counts.clockJumps += 1;
    // By hours both ways, as a device does that had no battery or another zone; less than the day that a server bears.
    this.clockMs = this.chance.below(40 * 3_600_000) - 20 * 3_600_000;
  }

  /** Stores an event of a session; null where the device was cut off, and has started again. */
  async append(
    streamId: string,
    type: string,
    payload: unknown,
    text: string,
  ): Promise<string | null> {
    return this.unlessCut(async () => {
      offsetMs = this.clockMs;
      const storing = this.journal.append(
        { stream: 'session', streamId, type, payload },
        this.author,
      );
      offsetMs = 0;
      const id = await storing;
      this.acknowledged.set(id, text);
      return id;
    });
  }

  /** Sends what waits and fetches what there is, as far as it goes; answers whether it went all the way. */
  async exchange(): Promise<boolean> {
    const done = await this.unlessCut(async () => {
      await this.sync.flush();
      await this.sync.pull();
      return this.sync.state.getState().connection === 'online' && this.waiting().length === 0;
    });
    return done ?? false;
  }

  waiting = () => waitingEntries(this.journal.state.getState());
  refused = () => refusedEntries(this.journal.state.getState());

  private async unlessCut<T>(work: () => Promise<T>): Promise<T | null> {
    try {
      return await work();
    } catch (error) {
      if (!(error instanceof CutOff)) throw error;
      this.counts.cutOff += 1;
      await this.start();
      return null;
    }
  }
}
