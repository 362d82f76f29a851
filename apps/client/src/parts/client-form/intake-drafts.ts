import type { Flag } from '@spalo/core/person';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { IntakeInput } from './client-form';

/** An intake that is not finished, as far as it got. Lives on this device and only for the trainer who began it. */
export interface IntakeDraft {
  trainerId: string;
  step: number;
  form: IntakeInput;
  /** Screening questions answered so far. */
  answers: Record<string, { yes: boolean; note: string }>;
  flags: Flag[];
}

interface Drafts {
  drafts: Record<string, IntakeDraft>;
  keep: (clientId: string, draft: IntakeDraft) => void;
  drop: (clientId: string) => void;
}

export const useIntakeDrafts = create<Drafts>()(
  persist(
    (set) => ({
      drafts: {},
      keep: (clientId, draft) =>
        set(({ drafts }) => ({ drafts: { ...drafts, [clientId]: draft } })),
      drop: (clientId) =>
        set(({ drafts }) => {
          const { [clientId]: _gone, ...rest } = drafts;
          return { drafts: rest };
        }),
    }),
    { name: 'spalo-intakes' },
  ),
);
