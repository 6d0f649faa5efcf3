import { EventEmitter } from 'node:events';
import type { Response } from 'express';
import { createHeavyQueue } from './heavy';

/** Somebody who waits for an answer. */
function caller() {
  const response = Object.assign(new EventEmitter(), { writableFinished: false });
  return response as unknown as Response;
}

/** Work that ends when it is told to. */
function work() {
  let end: () => void = () => undefined;
  const ended = new Promise<void>((resolve) => {
    end = resolve;
  });
  return { end, run: () => ended };
}

const settle = () => new Promise((resolve) => setImmediate(resolve));

describe('heavy calls', () => {
  it('run a few at a time, the others in their turn', async () => {
    const inTurn = createHeavyQueue(1, 5);
    const begun: string[] = [];
    const first = work();
    const calls = [
      inTurn(caller(), () => (begun.push('first'), first.run())),
      inTurn(caller(), () => begun.push('second')),
      inTurn(caller(), () => begun.push('third')),
    ];
    await settle();
    expect(begun).toEqual(['first']);
    first.end();
    await Promise.all(calls);
    expect(begun).toEqual(['first', 'second', 'third']);
  });

  it('are refused when too many wait', async () => {
    const inTurn = createHeavyQueue(1, 1);
    const first = work();
    const running = inTurn(caller(), first.run);
    const waiting = inTurn(caller(), () => 'done');
    await settle();
    await expect(inTurn(caller(), () => 'never')).rejects.toMatchObject({ code: 'too-many-requests' });
    first.end();
    await running;
    expect(await waiting).toBe('done');
  });

  it('are refused, and not begun any more, when they have waited too long', async () => {
    const inTurn = createHeavyQueue(1, 5, 20);
    const first = work();
    const running = inTurn(caller(), first.run);
    const begun: string[] = [];
    await expect(inTurn(caller(), () => begun.push('late'))).rejects.toMatchObject({
      code: 'too-many-requests',
    });
    first.end();
    await running;
    await settle();
    expect(begun).toEqual([]);
    expect(await inTurn(caller(), () => 'next')).toBe('next');
  });

  it('are not begun for who has gone meanwhile', async () => {
    const inTurn = createHeavyQueue(1, 5);
    const first = work();
    const running = inTurn(caller(), first.run);
    const gone = caller();
    const begun: string[] = [];
    const waiting = inTurn(gone, () => begun.push('for nobody'));
    gone.emit('close');
    first.end();
    await running;
    await expect(waiting).rejects.toThrow('The caller has gone.');
    expect(begun).toEqual([]);
  });
});
