import { deviceSetSchema } from './devices';
import { photoInputSchema } from './photos';
import { recipeInputSchema } from './recipes';
import { ringEventBodySchema, ringListQuerySchema } from './rings';

const ID = '00000005-0000-4000-8000-000000000001';
const messages = (result: { success: boolean; error?: { issues: { message: string }[] } | undefined }) =>
  result.success ? [] : (result.error?.issues.map(({ message }) => message) ?? []);

describe('events of a ring', () => {
  it.each([
    { kind: 'reading', rimDownMm: 19, cutDownMm: 18.8, mark: 'leading', reveal: 4.5 },
    { kind: 'hole-measured', diameterMm: 12.9 },
    { kind: 'wait-started', waitId: ID, what: 'Pickle', shortSec: 300, longSec: 900 },
    { kind: 'wait-started', waitId: ID, what: 'Dip' },
    { kind: 'wait-ended', waitId: ID },
    { kind: 'left-out', leftOut: true },
    { kind: 'rerouted', because: ID, fromStep: 3, steps: [], why: 'stopped short' },
  ])('$kind is taken as it is', (body) => {
    expect(ringEventBodySchema.parse(body)).toEqual(body);
  });

  it.each([
    [{ kind: 'hole-measured', diameterMm: 1 }, 'must be a length from 2 to 60 mm'],
    [{ kind: 'wait-started', waitId: ID, what: ' ', shortSec: 5 }, 'must not be empty'],
    [{ kind: 'wait-started', waitId: 'bath', what: 'Pickle' }, 'must be a UUID'],
    [{ kind: 'left-out', leftOut: 'yes' }, 'must be true or false'],
    [
      { kind: 'reading', rimDownMm: 19, cutDownMm: 18, mark: 'leading', reveal: 99 },
      'must be from 0 to 40 lines',
    ],
  ])('%j is refused with what is accepted', (body, message) => {
    expect(messages(ringEventBodySchema.safeParse(body))).toEqual([message]);
  });
});

describe('the rest of the bench', () => {
  it('lists rings by how far they are', () => {
    expect(ringListQuerySchema.parse({ status: 'in-work' }).status).toBe('in-work');
    expect(messages(ringListQuerySchema.safeParse({ status: 'lost' }))).toEqual([
      'must be one of: in-work, finished, spoilt',
    ]);
  });

  it('takes no recipe without steps, no photo of the moon’s size, no jaws wider than half a metre', () => {
    expect(messages(recipeInputSchema.safeParse({ name: 'Nothing', note: '', steps: [] }))).toEqual([
      'needs at least one step',
    ]);
    const photo = {
      id: ID,
      at: '2026-03-01T10:00:00.000Z',
      part: 'after',
      widthPx: 9000,
      heightPx: 10,
      jpegBase64: 'AAAA',
    };
    expect(messages(photoInputSchema.safeParse(photo))).toEqual(['must be at most 4000']);
    expect(messages(deviceSetSchema.safeParse({ value: 900 }))).toEqual(['must be at most 500']);
  });
});
