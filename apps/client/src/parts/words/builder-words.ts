import { amid, countText, listText } from '@spalo/core/unit';
import { closedText } from '@spalo/core/words';
import { findLift } from '@spalo/catalog';
import type { Idle, Lack, Peak, Reason, Uncovered } from '@spalo/core/builder';
import { capital } from '../../design/sentence';
import { minutesText } from './ramp-words';

const sets = (count: number) => countText(count, 'set');

const meritWords: Record<
  Exclude<Reason['why'], 'fixed' | 'cover' | 'muscle' | 'position'>,
  string
> = {
  liked: 'they like it',
  disliked: 'they do not like it',
  'their programme': 'of their programme',
  'as last time': 'as last time',
  usual: 'the usual one for them',
  suits: 'suits their years',
  steady: 'seated or supported',
  stood: 'as it stood',
  new: 'new to them',
};

const peakWords: Record<Peak, string> = {
  shortened: 'shortened',
  middle: 'in the middle',
  stretched: 'stretched',
};

function reasonText(reason: Reason): string {
  switch (reason.why) {
    case 'fixed':
      return 'kept by you';
    case 'cover':
      return `${reason.cover}: ${reason.again ? 'again this week' : 'not yet this week'}`;
    case 'muscle':
      return `${sets(reason.sets)} that the ${reason.muscle} lack`;
    case 'position':
      return `${reason.muscle} ${peakWords[reason.peak]}`;
    default:
      return meritWords[reason.why];
  }
}

/** As many reasons as are read in a glance. */
const MOST = 3;

/** Why a lift is in a session, in one line: what comes first counts most. */
export function reasonsText(reasons: readonly Reason[]): string {
  const muscles = reasons.filter(({ why }) => why === 'muscle').slice(0, 1);
  const others = reasons.filter(({ why }) => why !== 'muscle');
  const [first, ...rest] = others;
  const all = [...(first ? [first] : []), ...muscles, ...rest].slice(0, MOST);
  return `${capital(all.map(reasonText).join('; '))}.`;
}

/** A limit that stands in the way, and what to loosen. */
export function lackText(lack: Lack): string {
  switch (lack.limit) {
    case 'time':
      return `What is kept takes about ${minutesText(lack.seconds)} more than there is: book longer, keep fewer lifts or fewer sets.`;
    case 'new':
      return `${lack.lifts === 1 ? 'One lift' : `${lack.lifts} lifts`} too many that are new to them: let one go.`;
    case 'nothing open':
      return 'Nothing is open for them here: look at their flags, or choose another room.';
    case 'week':
      return lack.full.length > 0
        ? `The week has had its sets of ${listText(lack.full)}, and nothing else here is worth a place: keep a lift to have it all the same.`
        : 'Nothing that is open here is worth a place today: keep a lift to have it all the same.';
    case 'order':
      return 'No order keeps grip and low back fresh for what needs them: let a place go, or one of the lifts.';
    default:
      return `${findLift(lack.liftId)?.name ?? lack.liftId}: ${amid(closedText(lack.why))}. Remove it, or open it on their page.`;
  }
}

/** A movement that a session goes without, and what would have to give. */
export function uncoveredText({ cover, by }: Uncovered): string {
  const name = capital(cover);
  switch (by.limit) {
    case 'room':
      return `${name}: nothing here is made for it.`;
    case 'closed':
      return `${name}: closed. ${closedText(by.why)}.`;
    case 'banned':
      return `${name}: left out by you.`;
    case 'new':
      return `${name}: would be one more lift that is new to them.`;
    case 'time':
      return `${name}: ${minutesText(by.seconds)} more would hold it.`;
    case 'week':
      return `${name}: the week has had its sets of ${by.muscle}.`;
    case 'enough':
      return `${name}: the other lifts were worth more today.`;
  }
}

const idleWords: Record<Idle['by'], string> = {
  week: 'the week has had its sets of what is open',
  new: 'what is left would be more that is new to them',
  alike: 'what is left does what is in it already',
  worth: 'what is left would take more than it brings',
};

/** Time that a session leaves free, and why. */
export const idleText = ({ seconds, by }: Idle): string =>
  `${minutesText(seconds)} are free: ${idleWords[by]}.`;
