import { useAccount } from '../../state/queries';

/** Answered by help nearly everywhere; the studio sets another. */
export const EMERGENCY = '112';

/** What is dialled for help in this studio. */
export const useEmergencyNumber = (): string =>
  useAccount().data?.studio.emergencyNumber ?? EMERGENCY;
