import { useAppSelector } from '@/store/store';
import { BarLine } from './BarLine';

const WHAT: Readonly<Record<string, string>> = {
  '/stock': 'pieces of stock',
  '/people': 'people',
  '/orders': 'orders',
  '/rings/in-full': 'rings',
};

/** While a long list is read to its end, for something that is worked out from all of it: how far it is. */
export function ReadingBar() {
  const reading = useAppSelector((state) => state.reading);
  const [first] = Object.entries(reading);
  if (!first) return null;
  const [address, count] = first;
  const [path = ''] = address.split('?');
  return (
    <BarLine role="note" testID="reading-bar">
      {`Reading ${WHAT[path] ?? 'a long list'}: ${count.toLocaleString('en')} so far.`}
    </BarLine>
  );
}
