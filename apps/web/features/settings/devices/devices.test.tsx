import type { Access, PairedDevice } from '@round-mint/contract/access';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { create } from 'qrcode';
import { fakeServer, listOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { DevicesScreen } from './DevicesScreen';
import { qrPath } from '@/features/shared/print/qr-path';
import { secureChecks } from './secure-checks';

jest.mock('@/features/shared/print/load-qr', () => ({
  loadQr: () => Promise.resolve(jest.requireActual('qrcode')),
}));
jest.mock('./secure-checks', () => ({
  ...jest.requireActual('./secure-checks'),
  browserFacts: () => ({ secure: false, kept: false, wakeLock: false, installed: false }),
}));

const ID = '3f2504e0-4f89-41d3-9a0c-0305e82c3301';
const ACCESS: Access = {
  as: 'machine',
  deviceId: null,
  open: false,
  locked: false,
  addresses: [],
  certificateAddress: null,
};
const OPEN = { ...ACCESS, open: true, addresses: ['http://192.168.7.20:4173'] };
const PHONE: PairedDevice = {
  id: ID,
  name: 'phone',
  pairedAt: '2026-03-01T10:00:00.000Z',
  lastSeenAt: '2026-03-02T11:00:00.000Z',
  here: false,
};

function show(access: Access, ...devices: readonly PairedDevice[]) {
  const calls = fakeServer({
    'GET /access': access,
    'GET /access/devices': listOf(...devices),
    'PATCH /access': access,
    'POST /access/code': { code: '048193', expiresAt: '2026-03-02T11:05:00.000Z' },
    [`DELETE /access/devices/${ID}`]: null,
  });
  return { calls, ...renderWithStore(<DevicesScreen />) };
}

describe('DevicesScreen', () => {
  it('opens the workshop to the network from its machine', async () => {
    const { calls } = show(ACCESS);
    expect(await screen.findByText(/None yet/)).toBeTruthy();
    expect(screen.queryByText('Show a code')).toBeNull();
    fireEvent.press(screen.getByRole('radio', { name: /^Paired devices/ }));
    await waitFor(() => expect(calls.some(({ method }) => method === 'PATCH')).toBe(true));
    expect(calls.find(({ method }) => method === 'PATCH')?.body).toEqual({ open: true });
  });

  it('shows where it is, warns of a plain address, and shows a code when asked', async () => {
    show(OPEN);
    expect(await screen.findByText('http://192.168.7.20:4173')).toBeTruthy();
    expect(screen.getByText('What is sent can be read on the way.')).toBeTruthy();
    fireEvent.press(screen.getByText('Show a code'));
    expect(await screen.findByText('048 193')).toBeTruthy();
    expect(screen.getByLabelText('Code for a camera: http://192.168.7.20:4173/pair#048193')).toBeTruthy();
    expect(screen.getByText('Show a new code')).toBeTruthy();
  });

  it('tells a phone what the machine may change, and lets it revoke', async () => {
    const { calls, store } = show({ ...OPEN, as: 'device', deviceId: ID }, { ...PHONE, here: true });
    expect(await screen.findByText(/Only the machine that it runs on changes this/)).toBeTruthy();
    expect(screen.queryByText('Show a code')).toBeNull();
    expect(screen.queryByText('Has to be paired')).toBeNull();
    expect(await screen.findByText('phone (this one)')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Revoke phone'));
    await waitFor(() => expect(calls.some(({ method }) => method === 'DELETE')).toBe(true));
    await waitFor(() => expect(store.getState().notices.current?.undo).toEqual({ kind: 'device', id: ID }));
  });

  it('tells how to come by a secure address, and where the certificate is once there is one', async () => {
    show(OPEN);
    expect(await screen.findByText('npm start -- --lan --https')).toBeTruthy();
    screen.unmount();
    show({ ...OPEN, certificateAddress: 'http://192.168.7.20:4174/certificate' });
    expect(await screen.findByText('http://192.168.7.20:4174/certificate')).toBeTruthy();
    expect(screen.queryByText('npm start -- --lan --https')).toBeNull();
    expect(screen.queryByText('What is sent can be read on the way.')).toBeNull();
  });
});

describe('secureChecks', () => {
  const all = { secure: true, kept: true, wakeLock: true, installed: true };

  it('ticks what is there', () => {
    expect(secureChecks(all).map(({ ok }) => ok)).toEqual([true, true, true, true]);
  });

  it('tells what needs a secure address, and what the browser alone is missing', () => {
    const plain = secureChecks({ secure: false, kept: false, wakeLock: false, installed: false });
    expect(plain.filter(({ note }) => note.includes('secure address'))).toHaveLength(3);
    const bare = secureChecks({ ...all, kept: false, wakeLock: false, installed: false });
    expect(bare.filter(({ note }) => note.includes('secure address'))).toHaveLength(0);
    expect(bare.map(({ ok }) => ok)).toEqual([true, false, false, false]);
  });
});

describe('qrPath', () => {
  it('draws every dark cell, a run of them as one box', () => {
    const cells = ['110', '000', '011'];
    const shape = qrPath({ size: 3, get: (row, column) => cells[row]?.[column] === '1' });
    expect(shape).toEqual({ size: 3, path: 'M0 0h2v1h-2zM1 2h2v1h-2z' });
  });

  it('draws as many cells as a real code has', () => {
    const { modules } = create('http://192.168.7.20:4173/pair#048193', { errorCorrectionLevel: 'M' });
    const dark = [...modules.data].filter(Boolean).length;
    const drawn = [...qrPath(modules).path.matchAll(/h(\d+)v/g)].reduce(
      (sum, [, run]) => sum + Number(run),
      0,
    );
    expect(drawn).toBe(dark);
  });
});
