import { purposeText } from '@spalo/core/words';
import { workingNumber, workingTotal, type LiftView } from '../../../parts/lane/lift-view';

/** Which set it is, and what for. */
export function setText(view: LiftView): string {
  if (view.next.kind !== 'step') return '';
  const { set } = view.next;
  if (set.kind === 'warm-up') return purposeText(set.purpose);
  if (set.kind === 'drop') return 'drop set, at once';
  return view.state.plan.climb
    ? `climb, set ${workingNumber(view)}`
    : `working set ${workingNumber(view)} of ${workingTotal(view)}`;
}
