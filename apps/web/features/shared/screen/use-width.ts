import { useWindowDimensions } from 'react-native';
import { useIsShort } from '@/ui/use-short';

/** From here on the places stand in a rail and list and work side by side. */
const WIDE_FROM = 1024;
const TWO_COLUMNS_FROM = 700;

export type WidthClass = 'phone' | 'two' | 'wide';

export function useWidthClass(): WidthClass {
  const { width } = useWindowDimensions();
  if (width >= WIDE_FROM) return 'wide';
  return width >= TWO_COLUMNS_FROM ? 'two' : 'phone';
}

/** Whether the places stand in a rail: beside what is wide, or what has little height. */
export function useHasRail(): boolean {
  const isShort = useIsShort();
  return useWidthClass() === 'wide' || isShort;
}
