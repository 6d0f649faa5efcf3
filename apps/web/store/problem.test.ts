import { problemText } from './problem';

describe('problemText', () => {
  it('passes on the server’s own words', () => {
    const error = {
      status: 409,
      data: { error: { code: 'out-of-stock', message: 'None of this piece is left in stock.' } },
    };
    expect(problemText(error)).toBe('None of this piece is left in stock.');
  });

  it.each([
    undefined,
    { status: 'FETCH_ERROR', error: 'refused' },
    { status: 502, data: '<html>' },
    new Error('boom'),
  ])('says that there was no answer for %p', (error) => {
    expect(problemText(error)).toBe('The server does not answer. Nothing was lost; try again.');
  });
});
