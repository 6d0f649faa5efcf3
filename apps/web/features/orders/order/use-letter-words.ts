import type { LetterWords } from '@round-mint/core/trade';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';

/** How letters of this workshop are written. */
export function useLetterWords(person: string): LetterWords {
  const { workshopName } = useSettings();
  const { money } = useWriters();
  return { person, workshop: workshopName, money };
}
