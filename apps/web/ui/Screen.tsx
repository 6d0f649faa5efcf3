import type { ReactNode } from 'react';
import { View } from 'react-native';
import { ScrollArea } from './ScrollArea';
import { useIsShort } from './use-short';

interface ScreenProps {
  children: ReactNode;
  /** The main action, always in thumb's reach. */
  footer?: ReactNode;
  /** Stays above the scrolling part. */
  header?: ReactNode;
  /** Widest the content gets, px; left out, all there is. */
  maxWidth?: number;
  /** Only text, with nothing to press: the keyboard stops at it, so that it can be scrolled. */
  isText?: boolean;
  testID?: string;
}

/** One scrolling column with its main action below it; where height is short, its head scrolls along. */
export function Screen({ children, footer, header, maxWidth, isText = false, testID }: ScreenProps) {
  const short = useIsShort();
  const width = { width: '100%', maxWidth: maxWidth ?? '100%', alignSelf: 'center' } as const;
  const head = header ? <View style={width}>{header}</View> : null;
  return (
    <View className="flex-1 bg-paper" testID={testID}>
      {head && !short ? <View className="px-4 pt-3">{head}</View> : null}
      <ScrollArea
        className="flex-1"
        contentContainerClassName="px-4 pb-6 pt-2"
        {...(isText ? { tabIndex: 0 } : {})}
      >
        {short && head ? <View className="pb-3">{head}</View> : null}
        <View style={width} className="gap-3">
          {children}
        </View>
      </ScrollArea>
      {footer ? (
        <View className={`border-t border-line bg-paper px-4 print:hidden ${short ? 'py-1' : 'py-3'}`}>
          <View style={width}>{footer}</View>
        </View>
      ) : null}
    </View>
  );
}
