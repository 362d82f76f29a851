import type { TakeHome } from '@spalo/coaching/take-home';
import type { DrawnFigure } from '../../parts/body/drawn-figure';

/** All that stands on a page to take home. */
export interface Page extends TakeHome {
  /** What the client is called. */
  name: string;
  studio: string;
  /** The day of the session, in words. */
  day: string;
  /** When they come next, in words; null where nothing is booked. */
  nextAt: string | null;
  /** What the trainer says of what hurts, in the client's words. */
  words: string[];
  /** What the trainer added. */
  note: string;
  /** The position that the cue is about; null where none is drawn. */
  figure: DrawnFigure | null;
  stills: { id: string; text: string }[];
}

/** A part of a page. */
interface Part {
  title: string;
  lines: string[];
  /** It holds the cue: the figure stands beside it. */
  isCue?: boolean;
}

/** The parts of a page in their order, each with its lines; empty ones are left out. */
export function partsOf(page: Page): Part[] {
  const { cue, homework, nextAt } = page;
  const parts: Part[] = [
    { title: 'What you did', lines: page.done },
    { title: 'What went well', lines: page.good },
    { title: 'Focus on', lines: cue ? [`${cue.lift}: ${cue.text}`] : [], isCue: true },
    {
      title: 'Until next time',
      lines: [
        ...page.words,
        ...homework.map(({ name, how, amount }) => `${name}${amount && `, ${amount}`}. ${how}`),
        ...(page.note === '' ? [] : [page.note]),
      ],
    },
    { title: nextAt ? `Next: ${nextAt}` : 'Next time', lines: page.next },
  ];
  return parts.filter(({ lines }) => lines.length > 0);
}
