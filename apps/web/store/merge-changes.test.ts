import { chosenChanges, mergedChanges } from './merge-changes';

const BASE = { name: 'Punch', note: 'old', spec: { kind: 'punch', diameterMm: 12 }, evidence: undefined };

describe('two changes of one thing', () => {
  it('are put together where each changed something else', () => {
    const mine = { ...BASE, name: 'Punch no. 2' };
    const theirs = { ...BASE, note: 'new', evidence: { massG: 3 } };
    const merged = mergedChanges(BASE, mine, theirs);
    expect(merged.both).toEqual([]);
    expect(chosenChanges(merged, {})).toEqual({
      ...{ name: 'Punch no. 2', note: 'new', evidence: { massG: 3 } },
      spec: BASE.spec,
    });
  });

  it('are no conflict where both came to the same', () => {
    const same = { ...BASE, spec: { kind: 'punch', diameterMm: 13 } };
    expect(mergedChanges(BASE, same, { ...same }).both).toEqual([]);
  });

  it('ask about what both changed, and keep what is chosen', () => {
    const mine = { ...BASE, name: 'Mine', note: 'mine' };
    const theirs = { ...BASE, name: 'Theirs', note: 'theirs' };
    const merged = mergedChanges(BASE, mine, theirs);
    expect(merged.both).toEqual([
      { field: 'name', mine: 'Mine', theirs: 'Theirs' },
      { field: 'note', mine: 'mine', theirs: 'theirs' },
    ]);
    expect(chosenChanges(merged, { name: 'mine', note: 'theirs' })).toMatchObject({
      name: 'Mine',
      note: 'theirs',
    });
    expect(chosenChanges(merged, {})).toMatchObject({ name: 'Theirs', note: 'theirs' });
  });

  it('let a field go that one has emptied', () => {
    const base = { name: 'Coin', massG: 12 };
    expect(chosenChanges(mergedChanges(base, { name: 'Coin' }, { ...base, name: 'Medal' }), {})).toEqual({
      name: 'Medal',
    });
  });

  it('count both changes of a count', () => {
    const counted = (quantity: number) => ({ name: 'Coin', quantity });
    const merged = mergedChanges(counted(5), counted(8), counted(4));
    expect(merged).toMatchObject({ both: [], merged: { quantity: 7 } });
    expect(mergedChanges(counted(5), counted(0), counted(2)).merged).toMatchObject({ quantity: 0 });
  });
});
