import { WORK_KINDS, type WorkKind } from '@round-mint/core/work';
import { Link, type Href } from 'expo-router';
import { useRef } from 'react';
import { Pressable, ScrollView } from 'react-native';
import { Type } from '@/ui/Type';
import { PLAN_KIND_WORDS } from '@/features/shared/words/plan-kinds';

interface Tab {
  readonly id: WorkKind | 'coin' | 'fingers';
  readonly name: string;
  readonly href: Href;
}

const TABS: readonly Tab[] = [
  { id: 'coin', name: 'Coin ring', href: '/plan' },
  ...WORK_KINDS.map((kind) => ({
    id: kind,
    name: PLAN_KIND_WORDS[kind].tab,
    href: { pathname: '/plan/[kind]', params: { kind } } as const,
  })),
  { id: 'fingers', name: 'Fingers', href: '/plan/fingers' },
];

const BEFORE_PX = 110;

/** What kind of work is planned; on a phone the row slides sideways. */
export function PlanTabs({ here }: { here: Tab['id'] }) {
  const row = useRef<ScrollView>(null);
  // The chosen tab stands in sight, with a piece of the one before it.
  const show = (x: number) => row.current?.scrollTo({ x: Math.max(0, x - BEFORE_PX), animated: false });
  return (
    <ScrollView
      ref={row}
      horizontal
      showsHorizontalScrollIndicator={false}
      role="navigation"
      aria-label="Kinds of work"
      className="-mx-4 flex-grow-0 border-b border-line"
      contentContainerClassName="px-2"
    >
      {TABS.map(({ id, name, href }) => (
        <Link key={id} href={href} asChild>
          <Pressable
            onLayout={id === here ? ({ nativeEvent }) => show(nativeEvent.layout.x) : undefined}
            aria-current={id === here ? 'page' : undefined}
            className={`min-h-[44px] justify-center border-b-[3px] px-3 ${id === here ? 'border-ink' : 'border-transparent'}`}
          >
            <Type as="label" className={id === here ? 'font-strong' : 'text-soft'}>
              {name}
            </Type>
          </Pressable>
        </Link>
      ))}
    </ScrollView>
  );
}
