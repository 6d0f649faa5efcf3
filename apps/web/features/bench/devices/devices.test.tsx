import type { Device } from '@round-mint/contract/devices';
import { act, fireEvent, screen, waitFor } from '@testing-library/react-native';
import { benchRing } from '@/features/shared/ring/bench-model';
import { FinishForm } from '@/features/bench/ring/FinishForm';
import { HoleSheet } from '@/features/bench/ring/HoleSheet';
import type { BenchLog } from '@/features/shared/ring/use-bench-log';
import { ringOf, workedTo } from '@/testing/demo-ring';
import { fakeServer } from '@/testing/fake-server';
import { renderWithStore, settle } from '@/testing/render';
import { DevicesScreen } from './DevicesScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

/** A line to a device: what is said on it reaches every listener. */
class FakeStream {
  static readonly open: FakeStream[] = [];
  onmessage: ((event: { data: string }) => void) | undefined;
  onerror: (() => void) | undefined;
  closed = false;
  constructor(readonly url: string) {
    FakeStream.open.push(this);
  }
  close() {
    this.closed = true;
  }
}

function say(device: string, value: number, sent = false) {
  act(() =>
    FakeStream.open
      .filter(({ url, closed }) => url.includes(`/devices/${device}/`) && !closed)
      .forEach(({ onmessage }) => onmessage?.({ data: JSON.stringify({ value, unit: 'mm', sent }) })),
  );
}

const CALLIPER: Device = {
  id: 'calliper',
  name: 'Calliper',
  unit: 'mm',
  value: 18.9,
  min: 0,
  max: 150,
  step: 0.01,
};

function benchLog() {
  const log = jest.fn<string[], unknown[]>(() => ['id']);
  return {
    log,
    bench: { log, reroute: jest.fn(), problem: undefined, retry: jest.fn() } as unknown as BenchLog,
  };
}

beforeEach(() => {
  FakeStream.open.length = 0;
  Object.assign(globalThis, { EventSource: FakeStream });
});
afterEach(() => {
  Reflect.deleteProperty(globalThis, 'EventSource');
});

describe('the page of the devices', () => {
  it('shows a display live and moves it by its own steps', async () => {
    const calls = fakeServer({
      'GET /devices': { items: [CALLIPER] },
      'PUT /devices/calliper': CALLIPER,
      'POST /devices/calliper/send': { value: 18.9, unit: 'mm', sent: true },
    });
    renderWithStore(<DevicesScreen />);
    expect(await screen.findByText('18.90 mm')).toBeTruthy();
    say('calliper', 20.15);
    expect(screen.getByText('20.15 mm')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Calliper: 0.1 mm less'));
    await waitFor(() => expect(calls.find(({ method }) => method === 'PUT')?.body).toEqual({ value: 20.05 }));
    fireEvent.press(screen.getByText('Press its data button'));
    await waitFor(() => expect(calls.some(({ path }) => path === '/devices/calliper/send')).toBe(true));
  });
});

describe('a hole by the calliper', () => {
  it('is taken by one tap or by the data button, and refused where it cannot be', async () => {
    fakeServer({});
    const { log, bench } = benchLog();
    renderWithStore(<HoleSheet ring={ringOf(workedTo(1))} log={bench} onClose={jest.fn()} />);
    await settle();
    expect(screen.queryByText(/from the calliper/)).toBeNull();
    say('calliper', 13.02);
    fireEvent.press(screen.getByText('Take 13.02 mm from the calliper'));
    expect(screen.getByText('13.02 mm')).toBeTruthy();
    say('calliper', 45, true);
    expect(screen.getByText(/✕ from 2 mm to less than the coin/)).toBeTruthy();
    fireEvent.press(screen.getByText('Log the hole'));
    expect(log).not.toHaveBeenCalled();
    say('calliper', 12.85, true);
    fireEvent.press(screen.getByText('Log the hole'));
    expect(log).toHaveBeenCalledWith({ kind: 'hole-measured', diameterMm: 12.85 });
  });

  it('has no calliper to offer once its line is cut', async () => {
    fakeServer({});
    renderWithStore(<HoleSheet ring={ringOf(workedTo(1))} log={benchLog().bench} onClose={jest.fn()} />);
    await settle();
    say('calliper', 13);
    act(() => FakeStream.open.forEach(({ onerror }) => onerror?.()));
    expect(screen.queryByText(/from the calliper/)).toBeNull();
  });
});

describe('a finished ring by calliper and scale', () => {
  it('goes from measure to measure by the data button alone', async () => {
    fakeServer({});
    const { log, bench } = benchLog();
    const all = ringOf().steps.length;
    renderWithStore(<FinishForm bench={benchRing(ringOf(workedTo(all)))} log={bench} onPhoto={jest.fn()} />);
    await settle();
    for (const measure of [9.02, 1.44, 2.21]) say('calliper', measure, true);
    say('scale', 10.3, true);
    expect(screen.getByDisplayValue('9.02')).toBeTruthy();
    expect(screen.getByDisplayValue('10.3')).toBeTruthy();
    fireEvent.press(screen.getByText('Finish this ring'));
    expect(log).toHaveBeenCalledWith(
      {
        kind: 'measured',
        bandWidthMm: 9.02,
        thicknessCutEdgeMm: 1.44,
        thicknessRimEdgeMm: 2.21,
        massG: 10.3,
      },
      { kind: 'finished' },
    );
  });

  it('is typed on the pad where there is no cable', async () => {
    fakeServer({});
    const { log, bench } = benchLog();
    const all = ringOf().steps.length;
    renderWithStore(<FinishForm bench={benchRing(ringOf(workedTo(all)))} log={bench} onPhoto={jest.fn()} />);
    ['8', 'decimal point', '9', 'decimal point', '5', 'delete the last'].forEach((key) =>
      fireEvent.press(screen.getByLabelText(key)),
    );
    fireEvent.press(screen.getByText('Finish this ring'));
    expect(log).toHaveBeenCalledWith({ kind: 'measured', bandWidthMm: 8.9 }, { kind: 'finished' });
  });
});
