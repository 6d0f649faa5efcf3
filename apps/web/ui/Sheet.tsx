import Close from 'lucide-react-native/icons/x';
import type { ReactNode } from 'react';
import { Modal, Pressable, View } from 'react-native';
import { usePalette } from '@/theme/light';
import { ScrollArea } from './ScrollArea';
import { Type } from './Type';
import { useSheetHistory } from './use-sheet-history';

interface SheetProps {
  title: string;
  open: boolean;
  onClose: () => void;
  children: ReactNode;
  /** What stays in thumb's reach below the scrolling part. */
  footer?: ReactNode;
  /** For things side by side: as wide as the screen allows. */
  wide?: boolean;
  /** Only text, with nothing to press: the keyboard stops at it, so that it can be scrolled. */
  isText?: boolean;
}

/** A sheet from the bottom edge; Escape, the cross, the dimmed part and Back close it. */
export function Sheet({ title, open, onClose, children, footer, wide = false, isText = false }: SheetProps) {
  const palette = usePalette();
  useSheetHistory(open, onClose);
  return (
    <Modal visible={open} transparent onRequestClose={onClose} animationType="none" aria-label={title}>
      <View className="flex-1 items-center justify-end two:justify-center">
        <Pressable
          aria-hidden
          tabIndex={-1}
          onPress={onClose}
          // Dark in both lights: a bright veil would blind an eye that waits for the first dull red.
          className="absolute inset-0 bg-black/50"
          testID="sheet-backdrop"
        />
        <View
          className={`max-h-[85%] w-full border-t-2 border-ink bg-paper two:border-2 ${wide ? 'two:max-w-[1060px]' : 'two:max-w-[560px]'}`}
        >
          <View className="flex-row items-start justify-between gap-2 px-4 pt-3">
            <Type as="title" aria-level={2} className="flex-1 pt-1">
              {title}
            </Type>
            <Pressable
              role="button"
              aria-label="Close"
              onPress={onClose}
              className="h-12 w-12 items-center justify-center active:opacity-70"
            >
              <Close size={24} color={palette.ink} />
            </Pressable>
          </View>
          <ScrollArea contentContainerClassName="gap-3 px-4 pb-5 pt-1" {...(isText ? { tabIndex: 0 } : {})}>
            {children}
          </ScrollArea>
          {footer ? <View className="border-t border-line px-4 py-3">{footer}</View> : null}
        </View>
      </View>
    </Modal>
  );
}
