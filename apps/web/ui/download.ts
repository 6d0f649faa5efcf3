/** The browser saves what the server sends as a file. */
export function download(address: string): void {
  window.location.assign(address);
}
