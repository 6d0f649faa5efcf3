import { SIZE_SYSTEM_IDS, SIZE_SYSTEMS } from '@round-mint/core/size';

/** The size systems to choose from. */
export const SYSTEMS = SIZE_SYSTEM_IDS.map((id) => ({
  value: id,
  label: SIZE_SYSTEMS[id].prefix,
  describe: SIZE_SYSTEMS[id].name,
}));

/** The units of lengths. */
export const LENGTH_UNITS = [
  { value: 'mm', label: 'millimetres' },
  { value: 'in', label: 'inches' },
] as const;
