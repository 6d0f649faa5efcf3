import { createBrowserKeeper } from './browser-keeper';
import { createLease, LEASE_MS } from './unsent-store';

interface Thing {
  readonly id: string;
}

const isThing = (record: unknown): record is Thing =>
  typeof record === 'object' && record !== null && 'id' in record;

/** One tab: what it knows, and what it has told the others. */
function openTab(database: string) {
  const told: unknown[] = [];
  const tabs = { tell: (message: unknown) => told.push(message), listen: () => undefined };
  const keeper = createBrowserKeeper<Thing>({
    ...{ database, tabs, idOf: ({ id }) => id },
    read: (record) => (isThing(record) ? [record] : []),
  });
  const read = async () => {
    let found: readonly Thing[] = [];
    await keeper.readBack(({ kept }) => {
      found = kept;
    });
    return found.map(({ id }) => id);
  };
  return { keeper, told, read };
}

describe('what a browser keeps', () => {
  it('is one record a thing: two tabs write beside each other, and each finds both', async () => {
    const [one, other] = [openTab('beside'), openTab('beside')];
    await Promise.all([one.keeper.keep([{ id: 'a' }]), other.keeper.keep([{ id: 'b' }])]);
    expect((await one.read()).toSorted()).toEqual(['a', 'b']);
    expect((await other.read()).toSorted()).toEqual(['a', 'b']);
    expect(one.told).toEqual([{ kind: 'kept' }]);
  });

  it('loses only what a tab knew and lets go of', async () => {
    const [one, other] = [openTab('gone'), openTab('gone')];
    await one.keeper.keep([{ id: 'a' }, { id: 'b' }]);
    await other.keeper.keep([{ id: 'c' }]);
    await one.keeper.keep([{ id: 'b' }]);
    expect((await openTab('gone').read()).toSorted()).toEqual(['b', 'c']);
    // Nothing came or went: nobody is told.
    await one.keeper.keep([{ id: 'b' }]);
    expect(one.told).toHaveLength(2);
  });
});

describe('the lease to send', () => {
  it('is one tab’s until it is given back', async () => {
    const [one, other] = [createLease('one'), createLease('other')];
    expect(await one.take()).toBe(true);
    expect(await other.take()).toBe(false);
    expect(await one.take()).toBe(true);
    await other.give();
    expect(await other.take()).toBe(false);
    await one.give();
    expect(await other.take()).toBe(true);
    await other.give();
  });

  it('runs out when its tab was closed', async () => {
    const [one, other] = [createLease('one'), createLease('other')];
    expect(await one.take(1000)).toBe(true);
    expect(await other.take(1000 + LEASE_MS - 1)).toBe(false);
    expect(await other.take(1000 + LEASE_MS)).toBe(true);
    await other.give();
  });
});
