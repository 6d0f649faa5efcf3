import { act, renderHook } from '@testing-library/react-native';
import { useFilm } from './use-film';

const film = (last: number) =>
  renderHook(({ frames }: { frames: number }) => useFilm(frames), { initialProps: { frames: last } });

/** Frames of the screen come by hand here. */
function screenClock() {
  let due: FrameRequestCallback | undefined;
  let now = performance.now();
  jest.spyOn(globalThis, 'requestAnimationFrame').mockImplementation((callback) => {
    due = callback;
    return 1;
  });
  jest.spyOn(globalThis, 'cancelAnimationFrame').mockImplementation(() => {
    due = undefined;
  });
  return (ms: number) => {
    const callback = due;
    due = undefined;
    now += ms;
    act(() => callback?.(now));
  };
}

describe('useFilm', () => {
  afterEach(() => jest.restoreAllMocks());

  it('begins at its end, and goes where it is sent', () => {
    const { result } = film(7);
    expect(result.current).toMatchObject({ place: 7, playing: false });
    act(() => result.current.goTo(2.5));
    expect(result.current).toMatchObject({ place: 2.5, playing: false });
  });

  it('plays from the start once it is over, and ends by itself', () => {
    const tick = screenClock();
    const { result } = film(2);
    act(() => result.current.toggle());
    expect(result.current).toMatchObject({ place: 0, playing: true });
    tick(450);
    expect(result.current.place).toBeGreaterThan(0.3);
    expect(result.current.place).toBeLessThan(0.8);
    for (let i = 0; i < 6; i++) tick(450);
    expect(result.current).toMatchObject({ place: 2, playing: false });
  });

  it('pauses where it is, and a hand on the slider stops it', () => {
    const tick = screenClock();
    const { result } = film(4);
    act(() => result.current.toggle());
    tick(450);
    act(() => result.current.toggle());
    const { place } = result.current;
    expect(result.current.playing).toBe(false);
    act(() => result.current.toggle());
    expect(result.current).toMatchObject({ place, playing: true });
    act(() => result.current.goTo(3));
    expect(result.current).toMatchObject({ place: 3, playing: false });
  });

  it('shows another film at its end', () => {
    const { result, rerender } = film(4);
    act(() => result.current.goTo(1));
    rerender({ frames: 6 });
    expect(result.current).toMatchObject({ place: 6, playing: false });
  });
});
