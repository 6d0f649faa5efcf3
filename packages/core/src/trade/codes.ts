/** What is used up at the bench. */
export const CONSUMABLE_IDS = [
  'tape',
  'wax',
  'gas',
  'abrasive',
  'wool',
  'compound',
  'acid',
  'sulphur',
  'solder',
  'gold',
] as const;

/** Metals whose price a maker watches. */
export const SPOT_METALS = ['silver', 'gold', 'platinum'] as const;

/** How a customer's word came: by mail, told, or seen and agreed in the shop. */
export const ANSWER_WAYS = ['mail', 'told', 'seen'] as const;
export type AnswerWay = (typeof ANSWER_WAYS)[number];

export const APPROVALS = ['none', 'asked', 'yes', 'no', 'overridden'] as const;

/** Where an order stands, in the order of the work; cancelled can be reached from any of them. */
export const ORDER_STATES = [
  'asked',
  'quoted',
  'agreed',
  'in-work',
  'awaiting-approval',
  'finishing',
  'ready',
  'sent',
  'closed',
  'cancelled',
] as const;
export type OrderState = (typeof ORDER_STATES)[number];

/** What a customer wishes a ring to be made of. */
export const WISH_KINDS = ['coin', 'handle', 'strip', 'band'] as const;

export const SCRAP_KINDS = ['slug', 'offcut', 'filings', 'spoilt', 'other', 'button'] as const;

/** Where a mass in the tin comes from. */
export const SCRAP_SOURCES = ['plan', 'scale'] as const;

/** Where a finished ring stands that nobody ordered. */
export const SHELF_STATES = ['for-sale', 'reserved', 'sold', 'given-away', 'taken-apart'] as const;

/** Ways of selling a ring. */
export const SALE_WAYS = ['own-page', 'market', 'other'] as const;
