import { DEFAULT_SETTINGS } from '@round-mint/contract/settings';
import { writersOf, type Writers } from '@/features/shared/settings/use-settings';

/** Sizes and lengths as the default settings write them. */
export function defaultWriters(): Writers {
  return writersOf(DEFAULT_SETTINGS);
}
