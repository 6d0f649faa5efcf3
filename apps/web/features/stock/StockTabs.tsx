import { Link } from 'expo-router';
import { Pressable, View } from 'react-native';
import { Type } from '@/ui/Type';

const TABS = [
  { id: 'pieces', name: 'Pieces', href: '/stock' },
  { id: 'kit', name: 'Kit', href: '/stock/kit' },
] as const;

/** The two halves of the place: what rings are made from, and what with. */
export function StockTabs({ here }: { here: (typeof TABS)[number]['id'] }) {
  return (
    <View className="flex-row border-b border-line">
      {TABS.map(({ id, name, href }) => (
        <Link key={id} href={href} asChild>
          <Pressable
            aria-current={id === here ? 'page' : undefined}
            className={`min-h-[44px] justify-center border-b-[3px] px-4 ${id === here ? 'border-ink' : 'border-transparent'}`}
          >
            <Type as="label" className={id === here ? 'font-strong' : 'text-soft'}>
              {name}
            </Type>
          </Pressable>
        </Link>
      ))}
    </View>
  );
}
