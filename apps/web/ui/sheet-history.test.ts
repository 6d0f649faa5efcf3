import { sheetHistory, type HistoryWindow } from './sheet-history';

type State = NonNullable<HistoryWindow['history']['state']>;

/** A window with a history that moves at once, and a router that is told of what is not kept from it. */
function fakeWindow(first: State = { id: 'a' }) {
  let entries: State[] = [first];
  let at = 0;
  let listener: (event: PopStateEvent) => void = () => undefined;
  const later: (() => void)[] = [];
  const heard = jest.fn();
  const go = (by: number) => {
    at += by;
    let isStopped = false;
    const event = { stopImmediatePropagation: () => (isStopped = true) } as unknown as PopStateEvent;
    later.push(() => {
      const entry = entries[at];
      listener(event);
      if (!isStopped) heard(entry);
    });
  };
  const push = (state: State) => {
    entries = [...entries.slice(0, at + 1), state];
    at++;
  };
  const window: HistoryWindow = {
    history: {
      get state() {
        return entries[at] ?? null;
      },
      go: (by = 0) => go(by),
      pushState: push,
    },
    addEventListener: (_kind, listen) => {
      listener = listen;
    },
    setTimeout: (run) => later.push(run),
  };
  return {
    window,
    heard,
    go,
    push,
    replace: (state: State) => (entries[at] = state),
    run: () => {
      while (later.length > 0) later.shift()?.();
    },
    where: () => [at, entries.length] as const,
  };
}

/** A sheet as a component has one: closed by Back, or by itself. */
function sheetOf(opened: ReturnType<typeof sheetHistory>) {
  const close = jest.fn();
  const release = opened(() => {
    close();
    release();
  });
  return { close, release };
}

describe('a sheet and the history', () => {
  it('is closed by Back, of which the router hears nothing', () => {
    const { window, run, go, where, heard } = fakeWindow();
    const sheet = sheetOf(sheetHistory(window));
    run();
    expect(where()).toEqual([1, 2]);
    go(-1);
    run();
    expect(sheet.close).toHaveBeenCalledTimes(1);
    expect(where()[0]).toBe(0);
    expect(heard).not.toHaveBeenCalled();
  });

  it('takes its entry along when it is closed otherwise', () => {
    const { window, run, where, heard } = fakeWindow();
    const { close, release } = sheetOf(sheetHistory(window));
    run();
    release();
    run();
    expect(where()[0]).toBe(0);
    expect(close).not.toHaveBeenCalled();
    expect(heard).not.toHaveBeenCalled();
  });

  it('hands its entry over to a sheet that follows it at once', () => {
    const { window, run, where, go } = fakeWindow();
    const opened = sheetHistory(window);
    const first = sheetOf(opened);
    run();
    first.release();
    const second = sheetOf(opened);
    run();
    expect(where()).toEqual([1, 2]);
    go(-1);
    run();
    expect(second.close).toHaveBeenCalledTimes(1);
    expect(first.close).not.toHaveBeenCalled();
  });

  it('on another one is closed alone', () => {
    const { window, run, go, where } = fakeWindow();
    const opened = sheetHistory(window);
    const [lower, upper] = [sheetOf(opened), sheetOf(opened)];
    run();
    expect(where()).toEqual([2, 3]);
    go(-1);
    run();
    expect(upper.close).toHaveBeenCalledTimes(1);
    expect(lower.close).not.toHaveBeenCalled();
  });

  it('leaves no dead step behind when a page is opened from within it', () => {
    const { window, run, go, push, where, heard } = fakeWindow();
    const { release } = sheetOf(sheetHistory(window));
    run();
    push({ id: 'b' });
    release();
    run();
    expect(where()).toEqual([2, 3]);
    go(-1);
    run();
    expect(where()[0]).toBe(0);
    expect(heard).toHaveBeenCalledTimes(1);
    expect(heard).toHaveBeenCalledWith({ id: 'a', sheets: 1 });
  });

  it('lets a page that took the place of its own stand', () => {
    const { window, run, replace, where } = fakeWindow();
    const { release } = sheetOf(sheetHistory(window));
    run();
    replace({ id: 'a' });
    release();
    run();
    expect(where()[0]).toBe(1);
  });

  it('that was closed is not opened by Forward', () => {
    const { window, run, go, where } = fakeWindow();
    sheetOf(sheetHistory(window));
    run();
    go(-1);
    run();
    go(1);
    run();
    expect(where()[0]).toBe(0);
  });

  it('was open when the page was loaded anew: its entry goes', () => {
    const { window, run, where, push, heard } = fakeWindow();
    push({ id: 'a', sheets: 1 });
    sheetHistory(window);
    run();
    expect(where()[0]).toBe(0);
    expect(heard).not.toHaveBeenCalled();
  });

  it('leaves pages alone', () => {
    const { window, run, go, push, heard } = fakeWindow();
    sheetHistory(window);
    push({ id: 'b' });
    go(-1);
    run();
    expect(heard).toHaveBeenCalledWith({ id: 'a' });
  });
});
