import { Link } from 'expo-router';
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

/** The head of a place; on a phone it also leads to the settings. */
export function PlaceHeader({ title, note, end }: PlaceHeaderProps) {
  const palette = usePalette();
  const rail = useHasRail();
  return (
    <View className="flex-row items-start gap-2">
      <View className="flex-1">
        <Type as="title">{title}</Type>
        {note ? <Type as="small">{note}</Type> : null}
      </View>
      {end}
      {rail ? null : (
        <Link href="/settings" asChild>
          <Pressable aria-label="Settings" className="h-11 w-11 items-center justify-center">
            <Settings size={22} color={palette.soft} />
          </Pressable>
        </Link>
      )}
    </View>
  );
}
