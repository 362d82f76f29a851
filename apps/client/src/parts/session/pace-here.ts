import type { Client } from '@spalo/contract';
import { paceOf, type Pace } from '@spalo/core/time';
import { timesOfTrainer } from '../../state/pasts';

/** How a client's sessions take their time with this trainer, as far as this device knows. */
export const paceHere = ({ id, history }: Client, trainerId: string): Pace =>
  paceOf(history.times ?? [], timesOfTrainer(trainerId, id));
