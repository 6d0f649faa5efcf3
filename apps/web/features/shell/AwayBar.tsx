import { clockWords, momentWords, wallMinutes } from '@/features/shared/words/wall-clock';
import { useAppSelector } from '@/store/store';
import { BarLine } from './BarLine';

/** "18:31", and the day with it where that is not today. */
export function ageWords(asOf: string, now: Date): string {
  const then = new Date(asOf);
  const words = then.toDateString() === now.toDateString() ? clockWords : momentWords;
  return words(wallMinutes(then));
}

/** While the server is away: says so, and how old what is shown is. */
export function AwayBar() {
  const { away, asOf } = useAppSelector((state) => state.contact);
  if (!away) return null;
  const age = asOf === null ? '' : ` What you see is from ${ageWords(asOf, new Date())}.`;
  return <BarLine role="status" testID="away-bar">{`The server is away.${age}`}</BarLine>;
}
