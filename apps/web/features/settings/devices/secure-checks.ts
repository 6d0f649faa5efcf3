/** What a browser tells of the page it shows. */
export interface BrowserFacts {
  readonly secure: boolean;
  /** Whether the app is kept here for when the server is away. */
  readonly kept: boolean;
  readonly wakeLock: boolean;
  /** Whether it runs as an app of its own, without the browser's bars. */
  readonly installed: boolean;
}

export interface SecureCheck {
  readonly name: string;
  readonly ok: boolean;
  readonly note: string;
}

/** What a secure address adds, and which of it this device has. */
export function secureChecks({ secure, kept, wakeLock, installed }: BrowserFacts): readonly SecureCheck[] {
  const needs = 'needs a secure address';
  return [
    {
      name: 'Secure address',
      ok: secure,
      note: secure
        ? 'What is sent cannot be read on the way.'
        : 'Everything works; what is sent can be read on the way.',
    },
    {
      name: 'Opens while the server is away',
      ok: kept,
      note: kept
        ? 'The whole app is kept on this device.'
        : secure
          ? 'Not kept yet: leave this page open a minute.'
          : `An open page goes on working; to open or reload it ${needs}.`,
    },
    {
      name: 'Screen stays on at the bench',
      ok: wakeLock,
      note: wakeLock
        ? 'While a ring is open hands-free.'
        : `This ${secure ? 'browser cannot do it' : needs}.`,
    },
    {
      name: 'Installed',
      ok: installed,
      note: installed
        ? 'It opens like any app.'
        : secure
          ? 'The browser’s menu has “Install” or “Add to home screen”.'
          : `Without the browser’s bars: ${needs}.`,
    },
  ];
}

/** What this browser tells of this page. */
export function browserFacts(): BrowserFacts {
  return {
    secure: window.isSecureContext,
    kept: 'serviceWorker' in navigator && navigator.serviceWorker.controller !== null,
    wakeLock: 'wakeLock' in navigator,
    installed: window.matchMedia('(display-mode: standalone)').matches,
  };
}
