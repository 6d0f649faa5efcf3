import { placeOf, PLACES } from './places';

describe('places', () => {
  it('are the five of the house, each under its own root', () => {
    expect(PLACES.map(({ name }) => name)).toEqual(['Bench', 'Plan', 'Stock', 'Orders', 'Log']);
    for (const { root, href } of PLACES) expect(href).toBe(`/${root}`);
  });

  it.each([
    ['/', 'bench'],
    ['/stock/kit', 'stock'],
    ['/log/42', 'log'],
    ['/settings', 'settings'],
  ])('%p lies in %p', (path, place) => {
    expect(placeOf(path)).toBe(place);
  });
});
