import { Link, type Href } from 'expo-router';
import { Pressable, View } from 'react-native';
import { Type } from '@/ui/Type';

export interface PlaceTab {
  readonly name: string;
  readonly href: Href;
}

/** The parts of a place, as tabs that are links. */
export function PlaceTabs({ tabs, here }: { tabs: readonly PlaceTab[]; here: string }) {
  // All of them stand in one row of a phone, each wide enough for a thumb.
  const room = tabs.length > 6 ? 'px-1' : 'px-2';
  return (
    <View className="border-b border-line print:hidden">
      {/* The first name stands under the title: its room to the left is for the thumb. */}
      <View className={`${tabs.length > 6 ? '-mx-1' : '-ml-2'} flex-row flex-wrap two:-ml-2.5`}>
        {tabs.map(({ name, href }) => (
          <Link key={name} href={href} asChild>
            <Pressable
              aria-current={name === here ? 'page' : undefined}
              className={`min-h-[44px] min-w-[44px] items-center justify-center border-b-[3px] ${room} two:px-2.5 ${name === here ? 'border-ink' : 'border-transparent'}`}
            >
              <Type as="label" className={name === here ? 'font-strong' : 'text-soft'}>
                {name}
              </Type>
            </Pressable>
          </Link>
        ))}
      </View>
    </View>
  );
}
