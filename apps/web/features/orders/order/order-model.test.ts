import type { Order } from '@round-mint/contract/orders';
import { DEFAULT_SETTINGS } from '@round-mint/contract/settings';
import { calendarOf } from '@/features/orders/promise/shop-model';
import { defaultWriters } from '@/testing/writers';
import { orderOf } from '@/testing/trade';
import { byDate, isOver, movesOf, nextAction, orderRow, usualNext, type NextAction } from './order-model';
import { inputOf, wishFacts, wishWords } from '@/features/shared/words/order-words';
import { closeOutPaper, quotePaper } from './papers';

describe('nextAction', () => {
  it.each([
    [{}, 'choose'],
    [{ planId: 'p' }, 'quote'],
    [{ state: 'quoted' }, 'agree'],
    [{ state: 'agreed', planId: 'p' }, 'bench'],
    [{ state: 'in-work', ringId: 'r', holdReached: true }, 'ask'],
    [{ state: 'in-work', ringId: 'r', holdReached: false }, 'work'],
    [{ state: 'in-work', ringId: 'r', approvalWanted: false }, 'work'],
    [{ state: 'in-work', ringId: 'r', approvalWanted: false, ringFinished: true }, 'ready'],
    [{ state: 'in-work', ringId: 'r', ringLost: true }, 'bench'],
    [{ state: 'finishing', ringId: 'r', ringLost: true }, 'bench'],
    [{ state: 'closed', ringId: 'r', ringLost: true }, 'nothing'],
    [{ state: 'awaiting-approval', ringId: 'r' }, 'answer'],
    [{ state: 'finishing', ringId: 'r' }, 'work'],
    [{ state: 'finishing', ringId: 'r', ringFinished: true }, 'ready'],
    [{ state: 'ready' }, 'send'],
    [{ state: 'sent' }, 'close'],
    [{ state: 'closed' }, 'nothing'],
  ] as [Partial<Order>, NextAction][])('of %p is %p', (change, action) => {
    expect(nextAction(orderOf(change))).toBe(action);
  });
});

describe('moves of an order', () => {
  it('name what is missing, and the usual one', () => {
    const order = orderOf({ state: 'asked' });
    const moves = movesOf(order);
    expect(moves.find(({ to }) => to === 'ready')?.missing).toContain('the ring finished at the bench');
    expect(moves.find(({ to }) => to === 'cancelled')?.missing).toEqual([]);
    expect(moves.map(({ to }) => to)).not.toContain('asked');
    expect(usualNext(order)).toBe('quoted');
    expect([isOver(order), isOver(orderOf({ state: 'cancelled' }))]).toEqual([false, true]);
  });
});

describe('rows of orders', () => {
  const block = (jobId: string, endMin: number) => ({
    jobId,
    step: 0,
    kind: 'anneal' as const,
    lane: 'flame' as const,
    setUp: 'the torch',
    startMin: endMin - 9,
    workMin: endMin - 9,
    handsEndMin: endMin,
    endMin,
  });

  it('stand earliest wanted first, with when the day plan has them ready', () => {
    const orders = [
      orderOf({ id: 'none', wantedBy: null }),
      orderOf({ id: 'late', wantedBy: '2026-12-10', ringId: 'ring' }),
      orderOf({ id: 'soon', wantedBy: '2026-12-01' }),
    ];
    const dueMin = Date.UTC(2026, 11, 10, 17, 30) / 60_000;
    const plan = { madeAt: '', pins: [], blocks: [block('ring', dueMin - 50), block('ring', dueMin + 30)] };
    const rows = byDate(orders).map((order) => orderRow(order, plan, calendarOf(DEFAULT_SETTINGS)));
    expect(rows.map(({ order }) => order.id)).toEqual(['soon', 'late', 'none']);
    expect(rows[1]).toMatchObject({ readyMin: dueMin + 30, lateMin: 30 });
    expect(rows[0]).toMatchObject({ readyMin: undefined, lateMin: undefined });
  });
});

describe('an order in words', () => {
  const write = defaultWriters();

  it('tells the wish in a sentence and line by line', () => {
    const order = orderOf({ notes: 'ring twice' });
    expect(wishWords(order, write)).toBe(
      'a coin ring of 1948 in silver .900, 8.0 mm to 9.0 mm wide, size US 10',
    );
    const names = wishFacts(order, write).map(([name]) => name);
    expect(names).toEqual(
      expect.arrayContaining(['Finger', 'Year', 'Metal', 'Width', 'Dedication', 'Notes']),
    );
  });

  it('is saved without what follows from its history', () => {
    const input = inputOf(orderOf({}));
    expect(Object.keys(input)).not.toEqual(expect.arrayContaining(['state']));
    expect(input).not.toHaveProperty('events');
  });
});

describe('papers', () => {
  it('say the price, the law, and leave out what there is not', () => {
    const facts = {
      workshop: 'W',
      person: 'P',
      name: 'N',
      facts: [['Size', '7']],
      ring: [{ jpeg: new Uint8Array(), caption: 'Computed' }],
      price: '84.00 cr',
      discount: undefined,
      readyBy: undefined,
      validDays: 14,
    } as const;
    const quote = quotePaper(facts);
    const off = { before: '90.00 cr', name: 'Code SPRING', off: '6.00 cr' };
    const lines = quotePaper({ ...facts, discount: off }).blocks.flatMap((block) =>
      block.kind === 'line' ? [`${block.label}: ${block.value}`] : [],
    );
    expect(lines).toEqual(
      expect.arrayContaining(['Price: 90.00 cr', 'Code SPRING: −6.00 cr', 'To pay, with post: 84.00 cr']),
    );
    const text = JSON.stringify(quote);
    expect(text).toContain('84.00 cr');
    expect(text).toContain('to be told');
    expect(text).toContain('Check your local law');
    expect(quote.blocks.map(({ kind }) => kind)).toContain('pictures');
    const card = closeOutPaper({
      workshop: 'W',
      person: 'P',
      name: 'N',
      dedication: '',
      facts: [],
      care: ['Mind it.'],
      resize: 'Up ½',
      ring: [],
      photos: [],
    });
    expect(card.blocks.map(({ kind }) => kind)).not.toContain('pictures');
    expect(JSON.stringify(card)).toContain('Mind it.');
  });
});
