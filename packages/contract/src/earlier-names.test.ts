import { withTodaysNames } from './earlier-names';

describe('data of an earlier version', () => {
  it('is read under the names of today, however deep it lies', () => {
    const step = { title: 'Fold', stand: { stage: 'funnel', foldDeg: 17, lipMm: 0 } };
    expect(withTodaysNames({ rings: [{ way: ['fold-17'], steps: [step] }], count: 1 })).toEqual({
      rings: [
        {
          moves: ['fold-17'],
          steps: [{ title: 'Fold', pieceState: { stage: 'funnel', foldDeg: 17, lipMm: 0 } }],
        },
      ],
      count: 1,
    });
  });

  it('leaves what only looks like it, and what is new', () => {
    const note = { stand: 'by the window', way: 'home', moves: ['fold-17'], nothing: null };
    expect(withTodaysNames(note)).toEqual(note);
  });
});
