import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, listOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { personOf, QUIET_TRADE } from '@/testing/trade';
import { fingerWords } from '@/features/shared/words/finger-words';
import { parsePerson, personTexts } from './person-form';
import { PeopleScreen } from './PeopleScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const ID = personOf().id;

describe('a person as typed', () => {
  const parse = (change: object, fingers = personOf().fingers) =>
    parsePerson(ID, { ...personTexts(personOf()), ...change }, fingers, 'us');

  it('keeps the fingers that are known, and takes a finger measured anew for the old one', () => {
    expect(parse({})).toMatchObject({ ok: true, person: { fingers: personOf().fingers } });
    const again = parse({ size: '10½' });
    expect(again).toMatchObject({ ok: true, person: { fingers: [{ sizeText: '10½', finger: 'ring' }] } });
    const other = parse({ size: 'P½', finger: 'little', hand: 'left' });
    expect(other.ok && other.person.fingers.map(fingerWords)).toEqual([
      'left little finger',
      'right ring finger',
    ]);
  });

  it('says what is wrong', () => {
    expect(parse({ size: 'big' })).toMatchObject({
      ok: false,
      problems: { size: expect.stringContaining('7½') },
    });
    expect(parse({ email: 'nowhere' })).toMatchObject({
      ok: false,
      problems: { email: expect.stringContaining('mail') },
    });
    expect(parse({ name: ' ' })).toMatchObject({ ok: false, problems: { name: 'must not be empty' } });
  });

  it('calls a thumb a thumb', () => {
    expect(fingerWords({ hand: 'left', finger: 'thumb' })).toBe('left thumb');
  });
});

describe('PeopleScreen', () => {
  it('finds people, and keeps what was changed', async () => {
    const calls = fakeServer({
      ...QUIET_TRADE,
      'GET /people': listOf(
        personOf(),
        personOf({ id: '00000007-0000-4000-8000-000000000002', name: 'Pell Averin', email: '' }),
      ),
      [`PUT /people/${ID}`]: personOf(),
    });
    renderWithStore(<PeopleScreen />);
    fireEvent.changeText(await screen.findByLabelText('Search name, mail, notes'), 'call venn');
    expect(screen.queryByText('Pell Averin')).toBeNull();
    fireEvent.press(screen.getByRole('button', { name: 'Change Calla Venn' }));
    fireEvent.changeText(screen.getByLabelText('Telephone'), '0 55 12');
    fireEvent.press(screen.getByText('Save changes'));
    await waitFor(() => expect(calls.some(({ method }) => method === 'PUT')).toBe(true));
    expect(calls.find(({ method }) => method === 'PUT')?.body).toMatchObject({
      phone: '0 55 12',
      name: 'Calla Venn',
    });
  });
});
