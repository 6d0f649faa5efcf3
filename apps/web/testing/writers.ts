import { formatLength } from '@round-mint/core/format';
import { writeAmount, writeMeanAmount, writeOff, writeSize } from '@round-mint/core/size';
import type { Writers } from '@/features/shared/settings/use-settings';

/** Sizes and lengths as the default settings write them. */
export function defaultWriters(): Writers {
  const size = (mm: number) => writeSize(mm, 'us');
  const length = (mm: number, decimals?: number) => formatLength(mm, 'mm', decimals);
  return {
    unit: 'mm',
    size,
    second: (mm) => writeSize(mm, 'uk'),
    sizeAndLength: (mm) => `${size(mm)} (${length(mm)})`,
    amount: (mm) => writeAmount(mm, 'us'),
    meanAmount: (mm) => writeMeanAmount(mm, 'us'),
    off: (mm) => writeOff(mm, 'us'),
    length,
    money: (amount) => `${amount.toFixed(2)} cr`,
  };
}
