/**
 * An open sheet is an entry of the browser's history, so that Back closes it instead of leaving the page under it.
 *
 * The router writes an id into each entry of its own and knows nothing of these: a sheet's entry has the id of its page
 * and tells how many sheets are open in it. What concerns only sheets is kept from the router.
 */

/** What an entry of the history says: the router's id of the page, and how many sheets lie on it. */
interface EntryState {
  readonly id?: string;
  readonly sheets?: number;
}

/** The parts of a window that are used. */
export interface HistoryWindow {
  readonly history: Pick<History, 'go' | 'pushState'> & { readonly state: EntryState | null };
  readonly addEventListener: (kind: 'popstate', listener: (event: PopStateEvent) => void) => void;
  readonly setTimeout: (run: () => void, afterMs: number) => unknown;
}

/** Tells that a sheet has closed, by whatever. */
export type Release = () => void;

/**
 * Keeps a window's history in step with the sheets that are open.
 * @returns tells of a sheet that opens
 */
export function sheetHistory(window: HistoryWindow): (close: () => void) => Release {
  const { history } = window;
  /** How each open sheet is closed, the topmost last. */
  const open: (() => void)[] = [];
  const sheetsHere = () => history.state?.sheets ?? 0;
  /** Entries of sheets on top of the page's own. */
  let entries = 0;
  let pageId = history.state?.id;
  let ownSteps = 0;
  let isSettling = false;

  const step = (by: number) => {
    ownSteps++;
    history.go(by);
  };

  /** One sheet often gives way to another: the entries follow once both have been heard of. */
  const settle = () => {
    isSettling = false;
    // Another page, or the same entry written anew by the router: what lies below is no longer on top.
    if (history.state?.id !== pageId || sheetsHere() !== entries) entries = 0;
    pageId = history.state?.id;
    for (; entries < open.length; entries++) {
      history.pushState({ ...history.state, sheets: entries + 1 }, '');
    }
    if (entries > open.length) {
      const surplus = entries - open.length;
      entries = open.length;
      step(-surplus);
    }
  };
  const settleSoon = () => {
    if (isSettling) return;
    isSettling = true;
    window.setTimeout(settle, 0);
  };

  window.addEventListener('popstate', (event) => {
    if (ownSteps > 0) {
      ownSteps--;
      event.stopImmediatePropagation();
      return;
    }
    const at = sheetsHere();
    if (history.state?.id !== pageId) {
      pageId = history.state?.id;
      entries = 0;
      // Back at a page that was left from within a sheet: the sheet is gone, and so is its entry.
      if (at > 0) step(-at);
      return;
    }
    if (at === 0 && entries === 0) return;
    event.stopImmediatePropagation();
    // Forward, to a sheet that was closed.
    if (at > open.length) step(open.length - at);
    entries = Math.min(at, open.length);
    open.splice(entries).forEach((close) => close());
  });
  // Loaded anew while a sheet was open.
  if (sheetsHere() > 0) step(-sheetsHere());

  return (close) => {
    open.push(close);
    settleSoon();
    return () => {
      const at = open.indexOf(close);
      if (at < 0) return;
      open.splice(at, 1);
      settleSoon();
    };
  };
}
