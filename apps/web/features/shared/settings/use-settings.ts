import { DEFAULT_SETTINGS, type Settings } from '@round-mint/contract/settings';
import { formatLength, type LengthUnit } from '@round-mint/core/format';
import { writeAmount, writeMeanAmount, writeOff, writeSize } from '@round-mint/core/size';
import { useMemo } from 'react';
import { useGetSettingsQuery } from '@/store/api';

/** The maker's settings; the defaults until they have come. */
export function useSettings(): Settings {
  return useGetSettingsQuery().data ?? DEFAULT_SETTINGS;
}

export interface Writers {
  readonly unit: LengthUnit;
  /** "US 10" in the maker's first system. */
  readonly size: (insideDiameterMm: number) => string;
  /** The same in the second system. */
  readonly second: (insideDiameterMm: number) => string;
  /** "US 10 (19.8 mm)": for sentences. */
  readonly sizeAndLength: (insideDiameterMm: number) => string;
  /** A difference of sizes, to a mark of the first system: "½ size", "1 UK size". */
  readonly amount: (mm: number) => string;
  /** A mean of such differences: "0.24 size". */
  readonly meanAmount: (mm: number) => string;
  /** "½ size too large", "on size". */
  readonly off: (mm: number) => string;
  readonly length: (lengthMm: number, decimals?: number) => string;
  /** "84.00 cr". */
  readonly money: (amount: number) => string;
}

/** Sizes, lengths and money as some settings have them written. */
export function writersOf({
  primarySystem,
  secondSystem,
  lengthUnit,
  currency,
}: Pick<Settings, 'primarySystem' | 'secondSystem' | 'lengthUnit' | 'currency'>): Writers {
  const size = (d: number) => writeSize(d, primarySystem);
  const length = (mm: number, decimals?: number) => formatLength(mm, lengthUnit, decimals);
  return {
    unit: lengthUnit,
    size,
    second: (d) => writeSize(d, secondSystem),
    sizeAndLength: (d) => `${size(d)} (${length(d)})`,
    amount: (mm) => writeAmount(mm, primarySystem),
    meanAmount: (mm) => writeMeanAmount(mm, primarySystem),
    off: (mm) => writeOff(mm, primarySystem),
    length,
    money: (amount) => `${amount < 0 ? '−' : ''}${Math.abs(amount).toFixed(2)} ${currency}`,
  };
}

/** How this maker wants sizes and lengths written. */
export function useWriters(): Writers {
  const { primarySystem, secondSystem, lengthUnit, currency } = useSettings();
  return useMemo(
    () => writersOf({ primarySystem, secondSystem, lengthUnit, currency }),
    [primarySystem, secondSystem, lengthUnit, currency],
  );
}
