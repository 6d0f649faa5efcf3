import { Link, type Href } from 'expo-router';
import { Pressable, View } from 'react-native';
import { Type } from '@/ui/Type';

interface FoundRowProps {
  href: Href;
  title: string;
  note: string;
}

/** Something that a search found, or a way on; leads to where it stands. */
export function FoundRow({ href, title, note }: FoundRowProps) {
  return (
    <View role="listitem">
      <Link href={href} asChild>
        <Pressable className="min-h-[56px] justify-center border-b border-line py-2 active:opacity-70">
          <Type as="strong">{title}</Type>
          {note ? <Type as="small">{note}</Type> : null}
        </Pressable>
      </Link>
    </View>
  );
}
