import { screeningQuestions } from '@spalo/catalog';
import { useMemo } from 'react';
import { useAccount } from '../../state/queries';

/** The screening questions as this studio asks them; what a yes limits is the same in every wording. */
export function useQuestions(): typeof screeningQuestions {
  const words = useAccount().data?.studio.screeningWords;
  return useMemo(
    () =>
      screeningQuestions.map((question) => ({
        ...question,
        asks: words?.[question.id] ?? question.asks,
      })),
    [words],
  );
}
