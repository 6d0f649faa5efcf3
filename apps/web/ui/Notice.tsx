import Check from 'lucide-react-native/icons/circle-check';
import Info from 'lucide-react-native/icons/info';
import Stop from 'lucide-react-native/icons/octagon-x';
import Warn from 'lucide-react-native/icons/triangle-alert';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { usePalette } from '@/theme/light';
import { Type } from './Type';

const SIGNS = {
  good: { Icon: Check, colour: 'target', word: 'Good' },
  note: { Icon: Info, colour: 'soft', word: 'Note' },
  warn: { Icon: Warn, colour: 'heat', word: 'Take care' },
  stop: { Icon: Stop, colour: 'stop', word: 'No' },
} as const;

export type NoticeLevel = keyof typeof SIGNS;

interface NoticeProps {
  level: NoticeLevel;
  title: ReactNode;
  /** More words below the title. */
  children?: ReactNode;
  /** Something at the right edge, such as a "why" button. */
  end?: ReactNode;
  /** Announce it when it appears. */
  live?: boolean;
  testID?: string;
}

/** A verdict in a line: sign, words, never the colour alone. */
export function Notice({ level, title, children, end, live = false, testID }: NoticeProps) {
  const palette = usePalette();
  const { Icon, colour, word } = SIGNS[level];
  return (
    <View testID={testID} role={live ? 'status' : undefined} className="flex-row items-start gap-3 py-2">
      <View aria-label={word} role="img" className="pt-0.5">
        <Icon size={24} color={palette[colour]} />
      </View>
      <View className="flex-1">
        <Type as={level === 'note' ? 'body' : 'heading'}>{title}</Type>
        {typeof children === 'string' ? <Type as="small">{children}</Type> : children}
      </View>
      {end}
    </View>
  );
}
