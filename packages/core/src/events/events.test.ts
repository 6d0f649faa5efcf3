import { holdingEvents, undoneIds } from './index';

const event = (id: string, kind = 'note') => ({ id, body: { kind } });
const undo = (id: string, eventId: string) => ({ id, body: { kind: 'undone', eventId } });

describe('the events that hold', () => {
  it('are all but those that were taken back, and the takings-back, in their order', () => {
    const events = [event('c'), event('a'), undo('x', 'a'), event('b')];
    expect(holdingEvents(events).map(({ id }) => id)).toEqual(['c', 'b']);
    expect([...undoneIds(events)]).toEqual(['a']);
    expect(holdingEvents([])).toEqual([]);
  });

  it('do not hold, wherever the taking-back stands: two devices tell out of turn', () => {
    expect(holdingEvents([undo('x', 'a'), event('a')])).toEqual([]);
  });

  it('lose nothing by a taking-back of what nobody knows', () => {
    expect(holdingEvents([event('a'), undo('x', 'elsewhere')]).map(({ id }) => id)).toEqual(['a']);
  });
});
