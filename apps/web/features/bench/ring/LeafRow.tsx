import Left from 'lucide-react-native/icons/chevron-left';
import Right from 'lucide-react-native/icons/chevron-right';
import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { usePalette } from '@/theme/light';

interface LeafRowProps {
  readonly turn: (direction: 1 | -1) => void;
  /** What stands between the two arrows. */
  readonly children: ReactNode;
}

/** Back and on through the steps, in thumb's reach, without doing them. */
export function LeafRow({ turn, children }: LeafRowProps) {
  const palette = usePalette();
  const arrows = [
    { by: -1, Icon: Left, name: 'Look at the step before' },
    { by: 1, Icon: Right, name: 'Look at the next step' },
  ] as const;
  const [back, next] = arrows.map(({ by, Icon, name }) => (
    <Pressable
      key={name}
      role="button"
      aria-label={name}
      onPress={() => turn(by)}
      className="h-14 w-11 items-center justify-center active:opacity-70"
    >
      <Icon size={28} color={palette.ink} />
    </Pressable>
  ));
  return (
    <View className="flex-row items-center gap-1">
      {back}
      <View className="min-w-0 flex-1 flex-row gap-2">{children}</View>
      {next}
    </View>
  );
}
