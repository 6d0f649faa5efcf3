import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, refusal } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { router } from '@/testing/router';
import { codeOf } from './code-in-address';
import { deviceName } from './device-name';
import { PairScreen } from './PairScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const STRANGER = {
  as: 'stranger',
  deviceId: null,
  open: false,
  locked: false,
  addresses: [],
  certificateAddress: null,
};

describe('PairScreen', () => {
  it('keeps what was typed when the code is refused, and goes to the bench when it is right', async () => {
    const answers = {
      'GET /access': STRANGER,
      'POST /access/pair': () => refusal(403, 'This code is wrong.'),
    };
    fakeServer(answers);
    renderWithStore(<PairScreen />);
    fireEvent.press(await screen.findByRole('button', { name: 'Pair' }));
    expect(await screen.findByText('✕ must be 6 digits')).toBeTruthy();
    const [code, name] = screen.getAllByDisplayValue(/^.*$/);
    fireEvent.changeText(code!, '048 193');
    fireEvent.changeText(name!, 'phone at the bench');
    fireEvent.press(screen.getByRole('button', { name: 'Pair' }));
    expect(await screen.findByText('This code is wrong.')).toBeTruthy();
    expect(screen.getByDisplayValue('048 193')).toBeTruthy();
    const calls = fakeServer({ ...answers, 'POST /access/pair': {} });
    fireEvent.press(screen.getByRole('button', { name: 'Pair' }));
    await waitFor(() => expect(router.replace).toHaveBeenCalledWith('/bench'));
    expect(calls.find(({ method }) => method === 'POST')?.body).toEqual({
      code: '048193',
      name: 'phone at the bench',
    });
  });

  it('says so when the device is in already', async () => {
    fakeServer({ 'GET /access': { ...STRANGER, as: 'device' } });
    renderWithStore(<PairScreen />);
    expect(await screen.findByText('This device is in')).toBeTruthy();
  });
});

describe('codeOf', () => {
  it('reads a whole code behind #, and nothing else', () => {
    expect(codeOf('#048193')).toBe('048193');
    expect(codeOf('#48193')).toBe('');
    expect(codeOf('')).toBe('');
  });
});

describe('deviceName', () => {
  it.each([
    ['Mozilla/5.0 (iPhone; CPU iPhone OS 19_0 like Mac OS X) Mobile/15E148', 'Phone'],
    ['Mozilla/5.0 (Linux; Android 16) Chrome/150.0 Mobile Safari', 'Phone'],
    ['Mozilla/5.0 (Linux; Android 16) Chrome/150.0 Safari', 'Tablet'],
    ['Mozilla/5.0 (iPad; CPU OS 19_0 like Mac OS X) Mobile/15E148', 'Tablet'],
    ['Mozilla/5.0 (X11; Linux x86_64) Firefox/150.0', 'Computer'],
    ['', 'Device'],
  ])('of %p is %s', (userAgent, name) => {
    expect(deviceName(userAgent)).toBe(name);
  });
});
