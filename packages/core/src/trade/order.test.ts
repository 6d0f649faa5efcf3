import * as fc from 'fast-check';
import type { StepKind } from '../steps';
import { approvalStep, awaitsApproval, isHeld } from './approval';
import { missingFor, nextState, orderFacts, type OrderFacts } from './order-needs';
import { ORDER_STATES } from './codes';
import { orderProgress, type OrderEvent, type OrderEventBody } from './order-state';

let count = 0;
const event = (body: OrderEventBody): OrderEvent => ({
  id: `event ${++count}`,
  at: '2026-11-25T10:00:00.000Z',
  body,
});

describe('orderProgress', () => {
  it('begins as asked', () => {
    expect(orderProgress([])).toMatchObject({
      state: 'asked',
      approval: 'none',
      history: [],
      lastEventId: undefined,
    });
  });

  it('follows its events, and tells each in words', () => {
    const progress = orderProgress([
      event({ kind: 'moved', to: 'quoted', why: 'by e-mail' }),
      event({ kind: 'moved', to: 'agreed' }),
      event({ kind: 'moved', to: 'in-work' }),
      event({ kind: 'approval-asked', messageId: 'm' }),
      event({ kind: 'note', text: 'rang twice' }),
    ]);
    expect(progress).toMatchObject({ state: 'awaiting-approval', approval: 'asked' });
    expect(progress.history.map(({ words }) => words)).toEqual([
      'To quoted: by e-mail',
      'To agreed',
      'To in work',
      'Photo and readings sent for approval',
      'rang twice',
    ]);
  });

  it('goes on finishing when the customer agrees, and back to work when not', () => {
    const answer = (yes: boolean) =>
      orderProgress([event({ kind: 'approval-answered', yes, words: 'as you say', by: 'told' })]);
    expect(answer(true)).toMatchObject({ state: 'finishing', approval: 'yes', approvalWords: 'as you say' });
    expect(answer(false)).toMatchObject({ state: 'in-work', approval: 'no' });
  });

  it('goes on when it was seen in the shop, or without a word and with a reason', () => {
    const seen = orderProgress([event({ kind: 'approval-answered', yes: true, words: '', by: 'seen' })]);
    expect(seen).toMatchObject({ state: 'finishing', approval: 'yes' });
    expect(seen.history[0]?.words).toBe('Seen and agreed here');
    const without = orderProgress([event({ kind: 'approval-overridden', why: 'away until the wedding' })]);
    expect(without).toMatchObject({ state: 'finishing', approval: 'overridden' });
    expect(without.history[0]?.words).toBe('Gone on without the customer’s word: away until the wedding');
  });

  it('takes back what was undone, wherever the undoing stands', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...ORDER_STATES), { minLength: 1, maxLength: 8 }),
        fc.nat(),
        (states, pick) => {
          const moves = states.map((to) => event({ kind: 'moved', to }));
          const at = pick % moves.length;
          const undone = event({ kind: 'undone', eventId: moves[at]!.id });
          const { lastEventId, ...without } = orderProgress(moves.filter((_, i) => i !== at));
          expect(orderProgress([...moves, undone])).toMatchObject(without);
          expect(orderProgress([...moves, undone]).lastEventId).toBe(lastEventId);
        },
      ),
    );
  });
});

const FACTS: OrderFacts = {
  state: 'asked',
  planned: false,
  quoted: false,
  hasRing: false,
  ringFinished: false,
  approvalWanted: true,
  approval: 'none',
};

describe('missingFor', () => {
  it.each([
    ['quoted', {}, ['a way to make it', 'a quote']],
    ['quoted', { planned: true, quoted: true }, []],
    ['in-work', {}, ['a ring at the bench']],
    ['awaiting-approval', { hasRing: true }, ['photo and readings sent to the customer']],
    ['finishing', { hasRing: true, approval: 'no' }, ['the customer’s approval']],
    ['finishing', { hasRing: true, approvalWanted: false }, []],
    ['ready', { hasRing: true, approval: 'yes' }, ['the ring finished at the bench']],
    ['closed', { hasRing: true, approval: 'yes', ringFinished: true }, []],
    ['cancelled', { state: 'in-work' }, []],
    ['cancelled', { state: 'closed' }, ['the closing undone']],
  ] as const)('%s with %p needs %p', (to, change, missing) => {
    expect(missingFor({ ...FACTS, ...change }, to)).toEqual(missing);
  });
});

describe('nextState', () => {
  it('goes the usual way, past an approval that nobody wants', () => {
    const next = (change: Partial<OrderFacts>) => nextState({ ...FACTS, ...change });
    expect(next({})).toBe('quoted');
    expect(next({ state: 'in-work' })).toBe('awaiting-approval');
    expect(next({ state: 'in-work', approvalWanted: false })).toBe('finishing');
    expect(next({ state: 'closed' })).toBeUndefined();
    expect(next({ state: 'cancelled' })).toBeUndefined();
  });
});

describe('the facts of an order', () => {
  const stored = {
    state: 'agreed',
    ringFinished: false,
    approvalWanted: true,
    approval: 'none',
    planId: null,
    ringId: null,
    quote: null,
  } as const;

  it('are there once what they stand on is there', () => {
    expect(orderFacts(stored)).toMatchObject({ planned: false, quoted: false, hasRing: false });
    expect(orderFacts({ ...stored, planId: 'p', ringId: 'r', quote: {} })).toEqual({
      state: 'agreed',
      ringFinished: false,
      approvalWanted: true,
      approval: 'none',
      planned: true,
      quoted: true,
      hasRing: true,
    });
  });

  it('the customer is waited for until a yes, and only where one is wanted', () => {
    expect(awaitsApproval(stored)).toBe(true);
    expect(awaitsApproval({ ...stored, approval: 'no' })).toBe(true);
    expect(awaitsApproval({ ...stored, approval: 'yes' })).toBe(false);
    expect(awaitsApproval({ ...stored, approvalWanted: false })).toBe(false);
  });
});

describe('approval', () => {
  const kindsOf = (...kinds: readonly StepKind[]) => kinds.map((kind) => ({ kind }));
  const ROUTE = kindsOf('fold', 'stretch', 'anneal', 'stretch', 'reduce', 'polish');
  const WANTED = { approvalWanted: true, approval: 'none' } as const;

  it('asks before the last stretch, whatever follows', () => {
    expect(approvalStep(ROUTE)).toBe(3);
  });

  it('asks before the last blow where nothing is stretched', () => {
    expect(approvalStep(kindsOf('saw', 'anneal', 'bend', 'close', 'polish'))).toBe(3);
    expect(approvalStep(kindsOf('polish'))).toBeUndefined();
  });

  it('holds that step alone: none before it, and none that is behind', () => {
    const held = ROUTE.map((_, step) => isHeld(WANTED, { steps: ROUTE, step }));
    expect(held).toEqual([false, false, false, true, false, false]);
  });

  it.each([
    ['none', true],
    ['asked', true],
    ['no', true],
    ['yes', false],
    ['overridden', false],
  ] as const)('with the answer %s holds it: %s', (approval, held) => {
    expect(isHeld({ ...WANTED, approval }, { steps: ROUTE, step: 3 })).toBe(held);
  });
});
