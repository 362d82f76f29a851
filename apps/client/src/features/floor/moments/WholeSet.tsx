import type { ReactNode } from 'react';
import { LaterEndsLate } from '../set/later-time-left';
import { CueCard } from '../set/CueCard';
import { NowCard } from '../set/NowCard';
import { SetUpStrip } from '../set/SetUpStrip';
import { TeachStrip } from '../set/TeachStrip';
import { Questions } from './Questions';
import { SeenOfSet } from './SeenOfSet';

/** The set in hand where a wide screen has room for all of it: rest, load, cue, reps. */
export function WholeSet({ head }: { head: ReactNode }) {
  return (
    <>
      {head}
      <TeachStrip />
      <NowCard />
      <Questions />
      <LaterEndsLate />
      <CueCard />
      <SetUpStrip />
      <SeenOfSet />
    </>
  );
}
