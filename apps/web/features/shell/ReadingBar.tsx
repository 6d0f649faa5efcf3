import { View } from 'react-native';
import { useAppSelector } from '@/store/store';
import { Type } from '@/ui/Type';

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
    <View role="note" className="border-b border-line bg-fold px-4 py-1.5" testID="reading-bar">
      <Type as="small" className="text-ink">
        {`Reading ${WHAT[path] ?? 'a long list'}: ${count.toLocaleString('en')} so far.`}
      </Type>
    </View>
  );
}
