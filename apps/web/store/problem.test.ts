import { ERRORS } from '@round-mint/contract/error-codes';
import { problemText } from './problem';

describe('problemText', () => {
  it('names the field that is refused in words, whatever it lies in', () => {
    const refusedField = (path: string, message: string) =>
      problemText({
        data: { error: { code: 'invalid', message: `${path} ${message}`, fields: [{ path, message }] } },
      });
    expect(refusedField('events.0.body.bandWidthMm', 'must be a length from 0.5 to 40 mm')).toBe(
      'Band width must be a length from 0.5 to 40 mm.',
    );
    expect(refusedField('massG', 'must be from 0.1 to 500 g')).toBe('Mass must be from 0.1 to 500 g.');
  });

  it('passes on the server’s own words', () => {
    const error = {
      status: 409,
      data: { error: { code: 'out-of-stock', message: 'None of this piece is left in stock.' } },
    };
    expect(problemText(error)).toBe('None of this piece is left in stock.');
  });

  it('has words of its own where the server tells only a code', () => {
    const failed = (code: string, message: string) => problemText({ data: { error: { code, message } } });
    expect(failed('unknown-call', ERRORS['unknown-call'].message)).toMatch(/reload the page/);
    expect(failed('from-the-future', 'The kiln is cold.')).toBe('The kiln is cold.');
  });

  it.each([
    undefined,
    { status: 'FETCH_ERROR', error: 'refused' },
    { status: 502, data: '<html>' },
    new Error('boom'),
  ])('says that there was no answer for %p', (error) => {
    expect(problemText(error)).toBe(
      'The server is away. What you entered stays here, and can be saved when the server is back.',
    );
  });
});
