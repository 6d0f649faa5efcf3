import type { MessageInput } from '@round-mint/contract/outbox';
import { REFERENCE_KIT } from '@round-mint/core/kit';
import { DEFAULT_TRAITS } from '@round-mint/core/steps';
import { quoteLetter } from '@round-mint/core/trade';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import type * as forPaper from '@/features/shared/picture/for-paper';
import { plannedPicture } from '@/features/shared/picture/planned-picture';
import type { PicturedRing } from '@/features/shared/picture/pictured-ring';
import { fakeServer, pieceOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { messageOf } from '@/testing/trade';
import { LetterSheet } from './LetterSheet';
import { useLetterPicture } from './use-letter-picture';

// What draws comes in a file of its own, which a test cannot load later.
jest.mock('./use-order-picture', () => ({
  forPaper: (pictured: PicturedRing) =>
    jest.requireActual<typeof forPaper>('@/features/shared/picture/for-paper').ringForPaper(pictured),
}));

const PERSON = '00000006-0000-4000-8000-000000000001';
const WISH = { holeMm: 12.7, targetInsideDiameterMm: 18.95, wall: { kind: 'straight' } } as const;
const WORDS = { person: 'Calla Venn', workshop: 'The bench', money: String };

function Quote({ pictured }: { pictured: PicturedRing | undefined }) {
  const picture = useLetterPicture(pictured);
  const quote = { ring: 'a ring', price: 80, readyBy: undefined, validDays: 14 };
  return (
    <LetterSheet
      title="The quote"
      letter={quoteLetter({ ...WORDS, ...quote, hasPicture: picture?.goes ?? false })}
      about={{ kind: 'quote', personId: PERSON, orderId: null, photoIds: [] }}
      picture={picture}
      action="Send"
      onClose={() => undefined}
    />
  );
}

function open(pictured: PicturedRing | undefined) {
  const calls = fakeServer({ 'POST /outbox': messageOf() });
  renderWithStore(<Quote pictured={pictured} />);
  return async () => {
    fireEvent.press(screen.getByRole('button', { name: 'Send' }));
    const letters = () =>
      calls.filter(({ path }) => path === '/outbox').map(({ body }) => body as MessageInput);
    await waitFor(() => expect(letters()).toHaveLength(1), { timeout: 50_000 });
    return letters()[0];
  };
}

const planned = () =>
  plannedPicture(pieceOf(), WISH, { kit: REFERENCE_KIT, traits: DEFAULT_TRAITS, finish: 'polished' });

describe('a letter with the computed ring', () => {
  beforeEach(() => {
    URL.createObjectURL = () => 'blob:1';
    URL.revokeObjectURL = () => undefined;
  });

  it('shows it, takes ring and band along, and says that they are computed', async () => {
    const send = open(planned());
    expect(
      await screen.findByLabelText('The ring as it is computed from the plan', {}, { timeout: 50_000 }),
    ).toBeTruthy();
    const letter = await send();
    expect(letter?.text).toContain('The ring in the picture is computed from the plan');
    // JPEG files begin so, in base64.
    expect(letter?.computedPictures?.map((file) => file.slice(0, 4))).toEqual(['/9j/', '/9j/']);
  }, 90_000);

  it('keeps it back when the maker says so, and no word of it is left', async () => {
    const send = open(planned());
    fireEvent.press(screen.getByRole('radio', { name: 'stays here' }));
    const letter = await send();
    expect(letter?.computedPictures).toEqual([]);
    expect(letter?.text).not.toContain('picture');
  }, 90_000);

  it('says nothing of pictures where no ring is planned', async () => {
    const letter = await open(undefined)();
    expect(screen.queryByTestId('letter-picture')).toBeNull();
    expect(letter?.computedPictures).toEqual([]);
  });
});
