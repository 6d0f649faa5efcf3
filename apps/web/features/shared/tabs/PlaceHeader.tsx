import { Link, type Href } from 'expo-router';
import type { LucideIcon } from 'lucide-react-native';
import Search from 'lucide-react-native/icons/search';
import Settings from 'lucide-react-native/icons/settings-2';
import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { usePalette } from '@/theme/light';
import { Type } from '@/ui/Type';
import { useHasRail } from '@/features/shared/screen/use-width';

interface PlaceHeaderProps {
  title: string;
  /** A line under the title. */
  note?: string | undefined;
  /** Beside the title. */
  end?: ReactNode;
}

function HeaderLink({ href, name, Icon }: { href: Href; name: string; Icon: LucideIcon }) {
  const palette = usePalette();
  return (
    <Link href={href} asChild>
      <Pressable aria-label={name} className="h-11 w-11 items-center justify-center print:hidden">
        <Icon size={22} color={palette.soft} />
      </Pressable>
    </Link>
  );
}

/** The head of a place; on a phone it also leads to the search and the settings. */
export function PlaceHeader({ title, note, end }: PlaceHeaderProps) {
  const rail = useHasRail();
  return (
    <View className="flex-row items-start gap-2">
      <View className="flex-1">
        <Type as="title">{title}</Type>
        {note ? <Type as="small">{note}</Type> : null}
      </View>
      {end}
      {rail ? null : (
        <>
          <HeaderLink href="/search" name="Search" Icon={Search} />
          <HeaderLink href="/settings" name="Settings" Icon={Settings} />
        </>
      )}
    </View>
  );
}
