import { SALE_WAYS } from '@round-mint/core/trade/codes';
import { z } from 'zod';
import { quantity, shortText, sizeSystemSchema, timeSchema } from './common';
import { weekSchema } from './day-plan';
import { daySchema } from './people';

const amount = quantity(0, 100_000, '');
const perG = quantity(0.001, 100_000, 'a gram').optional();

/** How this workshop computes its prices. */
export const tradeSettingsSchema = z.strictObject({
  hourlyRate: amount,
  marginShare: quantity(0, 0.9, 'of the price'),
  feeShare: quantity(0, 0.5, 'of the price'),
  feeFixed: amount,
  post: amount,
  refinerShare: quantity(0, 1, 'of the metal'),
  roundTo: quantity(0, 100, ''),
  quoteDays: z.number().int().min(1).max(365),
});

/** Fees of ways of selling that differ from the general ones. */
const wayFeesSchema = z.partialRecord(
  z.enum(SALE_WAYS),
  z.strictObject({ feeShare: quantity(0, 0.5, 'of the price'), feeFixed: amount }),
);

export const settingsSchema = z.strictObject({
  primarySystem: sizeSystemSchema,
  secondSystem: sizeSystemSchema,
  lengthUnit: z.enum(['mm', 'in'], { error: 'must be mm or in' }),
  light: z.enum(['day', 'torch', 'device'], { error: 'must be day, torch or device' }),
  /** Whether planners propose an allowance for wide bands. */
  wideBandAllowance: z.boolean({ error: 'must be true or false' }),
  annealSchool: z.enum(['after-punching', 'before-and-after']),
  /** Whether plans go by what the log has taught. */
  useLearnt: z.boolean({ error: 'must be true or false' }),
  /** Keys of learnt values that are left at their defaults. */
  standardFor: z.array(shortText(60)).max(200, 'takes at most 200 keys'),
  /** Whether the hands-free view speaks, with the browser's own voice. */
  speech: z.boolean({ error: 'must be true or false' }),
  /** Which screen of the first run comes next. */
  setUp: z.enum(['sizes', 'tools', 'first-piece', 'done'], {
    error: 'must be one of: sizes, tools, first-piece, done',
  }),
  workshopName: shortText(60),
  /** Written behind every amount. */
  currency: shortText(6),
  trade: tradeSettingsSchema,
  wayFees: wayFeesSchema,
  /** Prices of pure metal that the maker typed; the feed tells the others. */
  spotTyped: z.strictObject({ silver: perG, gold: perG, platinum: perG }),
  hours: weekSchema,
  /** When a helper works beside the maker; nobody does where all days are empty. */
  helperHours: weekSchema,
  daysOff: z.array(daySchema).max(200),
  /** When it was last said to be damp: steel is oiled after that. */
  dampAt: timeSchema.nullable(),
});
export const settingsPatchSchema = settingsSchema.partial();

export type Settings = z.infer<typeof settingsSchema>;

const MORNING = { fromMin: 9 * 60, toMin: 12.5 * 60 };
const AFTERNOON = { fromMin: 13.5 * 60, toMin: 17.5 * 60 };
const WEEKDAY = [MORNING, AFTERNOON];

export const DEFAULT_SETTINGS: Settings = {
  primarySystem: 'us',
  secondSystem: 'uk',
  lengthUnit: 'mm',
  light: 'day',
  wideBandAllowance: true,
  annealSchool: 'after-punching',
  useLearnt: true,
  standardFor: [],
  speech: false,
  setUp: 'sizes',
  workshopName: 'The workshop',
  currency: 'cr',
  trade: {
    hourlyRate: 36,
    marginShare: 0.25,
    feeShare: 0.04,
    feeFixed: 0.4,
    post: 7.5,
    refinerShare: 0.92,
    roundTo: 1,
    quoteDays: 14,
  },
  wayFees: {},
  spotTyped: {},
  hours: [[], WEEKDAY, WEEKDAY, WEEKDAY, WEEKDAY, WEEKDAY, []],
  helperHours: [[], [], [], [], [], [], []],
  daysOff: [],
  dampAt: null,
};
