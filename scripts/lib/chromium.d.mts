/** The Chromium that browser tests and pictures are made with. */
export function chromiumPath(): string;
/** Debian's Chromium for the browser tests; installed from its packages when it is missing. */
export function chromiumIfNeeded(): Promise<void>;
