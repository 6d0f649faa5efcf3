import { archiveSchema } from './archive';
import { boughtSchema, supplyInputSchema } from './consumables';
import { pinSchema, scheduleRequestSchema, weekSchema } from './day-plan';
import { orderEventBodySchema, orderInputSchema, wishSchema } from './orders';
import { messageInputSchema } from './outbox';
import { personInputSchema } from './people';
import { priceInputSchema } from './price';
import { meltOutSchema, scrapInputSchema } from './scrap';
import { DEFAULT_SETTINGS, settingsSchema } from './settings';
import { sizerInputSchema } from './sizers';

const ID = '00000008-0000-4000-8000-000000000001';
const AT = '2026-11-25T10:00:00.000Z';

/** What is wrong, as "path: message". */
function wrongs(result: {
  success: boolean;
  error?: { issues: { path: PropertyKey[]; message: string }[] };
}) {
  return (result.error?.issues ?? []).map(({ path, message }) => `${path.map(String).join('.')}: ${message}`);
}

const WISH = {
  kind: 'coin',
  year: 1948,
  metal: null,
  face: null,
  widthMinMm: 8,
  widthMaxMm: null,
  wall: 'straight',
  curlDeg: null,
  finish: 'polished',
  lining: 'none',
  dedication: '',
};
const ORDER = {
  personId: ID,
  name: 'For the ferry',
  hand: 'right',
  finger: 'ring',
  sizeText: 'T½',
  insideDiameterMm: 19.8,
  measuredBy: 'gauge',
  gaugeWidthMm: 6,
  knuckleInsideDiameterMm: null,
  wish: WISH,
  wantedBy: '2026-12-24',
  stockFrom: 'ours',
  stockId: null,
  exchange: null,
  approvalWanted: true,
  sizerId: null,
  planId: null,
  ringId: null,
  quote: null,
  notes: '',
};

describe('an order', () => {
  it('is taken as it is described, and nothing beside', () => {
    expect(orderInputSchema.parse(ORDER)).toEqual(ORDER);
    expect(wrongs(orderInputSchema.safeParse({ ...ORDER, colour: 'red' }))).toHaveLength(1);
  });

  it.each([
    [{ wantedBy: 'soon' }, 'wantedBy: must be a date such as 2026-12-04'],
    [{ finger: 'big' }, 'finger: must be one of: thumb, index, middle, ring, little'],
    [{ insideDiameterMm: 90 }, 'insideDiameterMm: must be a length from 10 to 40 mm'],
    [{ exchange: { pieces: 1, valueEach: 2 } }, 'exchange.pieces: needs at least 2'],
    [{ approvalWanted: 'yes' }, 'approvalWanted: must be true or false'],
    [{ stockFrom: 'moon' }, 'stockFrom: must be ours or sent-in'],
  ])('with %p is refused in words', (change, words) => {
    expect(wrongs(orderInputSchema.safeParse({ ...ORDER, ...change }))).toEqual([words]);
  });

  it('wishes for what there is', () => {
    expect(wrongs(wishSchema.safeParse({ ...WISH, lining: 'tin' }))).toEqual([
      'lining: must be none or gold',
    ]);
    expect(wrongs(wishSchema.safeParse({ ...WISH, year: 1948.5 }))[0]).toContain('whole year');
  });

  it('moves by events of known kinds', () => {
    expect(orderEventBodySchema.parse({ kind: 'moved', to: 'quoted' })).toEqual({
      kind: 'moved',
      to: 'quoted',
    });
    expect(wrongs(orderEventBodySchema.safeParse({ kind: 'moved', to: 'lost' }))[0]).toContain(
      'awaiting-approval',
    );
    expect(
      wrongs(orderEventBodySchema.safeParse({ kind: 'approval-answered', yes: 1, words: '', by: 'mail' })),
    ).toEqual(['yes: must be true or false']);
  });
});

describe('a person', () => {
  const person = { name: 'Calla', email: '', phone: '', address: '', notes: '', fingers: [] };

  it('needs a name, and a mail address only if there is one', () => {
    expect(personInputSchema.parse(person)).toEqual(person);
    expect(wrongs(personInputSchema.safeParse({ ...person, name: '  ' }))).toEqual([
      'name: must not be empty',
    ]);
    expect(personInputSchema.safeParse({ ...person, email: 'calla@venn.example' }).success).toBe(true);
    expect(personInputSchema.safeParse({ ...person, email: 'calla at venn' }).success).toBe(false);
  });
});

describe('a letter', () => {
  const letter = {
    id: ID,
    kind: 'quote',
    personId: ID,
    orderId: null,
    subject: 'S',
    text: 'T',
    photoIds: [],
  };

  it('has a subject, words and at most six pictures', () => {
    expect(messageInputSchema.parse(letter)).toEqual(letter);
    expect(wrongs(messageInputSchema.safeParse({ ...letter, text: '' }))).toEqual([
      'text: must not be empty',
    ]);
    expect(wrongs(messageInputSchema.safeParse({ ...letter, photoIds: Array(7).fill(ID) }))).toEqual([
      'photoIds: takes at most six pictures',
    ]);
    const computedPictures = Array(3).fill('/9j/');
    expect(wrongs(messageInputSchema.safeParse({ ...letter, computedPictures }))).toEqual([
      'computedPictures: takes at most two computed pictures',
    ]);
    expect(wrongs(messageInputSchema.safeParse({ ...letter, computedPictures: ['no file!'] }))).toEqual([
      'computedPictures.0: must be a JPEG file in base64',
    ]);
  });
});

describe('scrap and what is used up', () => {
  const scrap = {
    at: AT,
    kind: 'slug',
    metal: 'silver-900',
    massG: 2.4,
    fineness: null,
    source: 'plan',
    ringId: null,
    meltedIntoId: null,
    note: '',
  };

  it('has a mass, and a fineness within one', () => {
    expect(scrapInputSchema.parse(scrap)).toEqual(scrap);
    expect(wrongs(scrapInputSchema.safeParse({ ...scrap, massG: 0 }))[0]).toContain('from 0.001 to 10000 g');
    expect(scrapInputSchema.safeParse({ ...scrap, fineness: 925 }).success).toBe(false);
  });

  it('is melted from at least one thing, on a button that weighs something', () => {
    const melt = { id: ID, at: AT, scrapIds: [ID], buttonMassG: 3, note: '' };
    expect(meltOutSchema.safeParse(melt).success).toBe(true);
    expect(wrongs(meltOutSchema.safeParse({ ...melt, scrapIds: [] }))).toEqual([
      'scrapIds: choose at least one thing to melt',
    ]);
  });

  it('is counted and bought in packs', () => {
    const supply = { countedAmount: 3, countedAt: AT, buyAtAmount: 1, packAmount: 0, packPrice: 2 };
    expect(wrongs(supplyInputSchema.safeParse(supply))[0]).toContain('packAmount: must be from 0.01');
    expect(boughtSchema.safeParse({ packs: 1.5 }).success).toBe(false);
  });
});

describe('a sizer and a price', () => {
  it('are refused where a figure cannot be', () => {
    const sizer = {
      personId: ID,
      sentOn: '2026-11-02',
      cost: 3,
      paid: 0,
      coupon: 0,
      couponCode: '',
      couponUsed: false,
      guarantee: false,
      notes: '',
    };
    expect(sizerInputSchema.safeParse(sizer).success).toBe(true);
    expect(wrongs(sizerInputSchema.safeParse({ ...sizer, sentOn: '2 November' }))[0]).toContain(
      'must be a date',
    );
    expect(wrongs(priceInputSchema.safeParse({ feeShare: 2 })).join()).toContain(
      'feeShare: must be from 0 to 0.95',
    );
  });
});

describe('the day plan', () => {
  it('has seven days, whose spans end after they begin', () => {
    expect(weekSchema.safeParse(DEFAULT_SETTINGS.hours).success).toBe(true);
    expect(wrongs(weekSchema.safeParse([[]]))).toEqual([': needs seven days, Sunday first']);
    const backwards = [[{ fromMin: 600, toMin: 540 }], [], [], [], [], [], []];
    expect(wrongs(weekSchema.safeParse(backwards))).toEqual(['0.0.toMin: must be after its beginning']);
  });

  it('takes no more rings than it can lay out while somebody waits', () => {
    const job = { id: 'a', name: 'a', arrivedMin: 0, readyMin: 0, steps: [] };
    const request = { jobs: Array(61).fill(job), calendar: { week: DEFAULT_SETTINGS.hours }, nowMin: 0 };
    expect(wrongs(scheduleRequestSchema.safeParse(request))).toEqual(['jobs: takes at most 60 rings']);
    expect(scheduleRequestSchema.parse({ ...request, jobs: [job] }).pins).toEqual([]);
    const step = {
      index: 0,
      kind: 'read',
      title: 'Read',
      handsMin: 1,
      waitMin: 0,
      lane: 'bench',
      setUp: '',
      leadMin: 0,
    };
    const withSteps = (rings: number) => ({
      ...request,
      jobs: Array(rings).fill({ ...job, steps: Array(400).fill(step) }),
    });
    expect(wrongs(scheduleRequestSchema.safeParse(withSteps(7)))).toEqual([
      'jobs: takes at most 2400 steps in all',
    ]);
    expect(scheduleRequestSchema.safeParse(withSteps(6)).success).toBe(true);
    expect(pinSchema.safeParse({ jobId: 'a', step: -1, startMin: 0 }).success).toBe(false);
  });
});

describe('settings and archives', () => {
  it('have working hours, rates and a name from the beginning', () => {
    expect(settingsSchema.parse(DEFAULT_SETTINGS)).toEqual(DEFAULT_SETTINGS);
    const dear = { ...DEFAULT_SETTINGS, trade: { ...DEFAULT_SETTINGS.trade, marginShare: 1 } };
    expect(wrongs(settingsSchema.safeParse(dear))[0]).toContain('trade.marginShare');
  });

  it('of before there were orders are still taken back', () => {
    const old = {
      format: 'round-mint-archive',
      version: 1,
      exportedAt: AT,
      settings: {},
      stock: [],
      kit: [],
      plans: [],
      rings: [],
      events: [],
    };
    expect(archiveSchema.parse(old)).toMatchObject({ people: [], orders: [], messages: [], dayPlan: null });
  });
});
