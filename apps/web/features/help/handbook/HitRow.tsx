import { Link } from 'expo-router';
import { Pressable, View } from 'react-native';
import { Type } from '@/ui/Type';
import type { Hit } from './handbook-model';

/** A section that a search found. */
export function HitRow({ hit: { id, title, within, excerpt } }: { hit: Hit }) {
  return (
    <View role="listitem">
      <Link href={{ pathname: '/help/[section]', params: { section: id } }} asChild>
        <Pressable className="min-h-[56px] justify-center border-b border-line py-2 active:opacity-70">
          <Type as="strong">{within ? `${title} · ${within}` : title}</Type>
          <Type as="small">{excerpt}</Type>
        </Pressable>
      </Link>
    </View>
  );
}
