/** The package that draws codes, fetched when one is shown first. */
export function loadQr() {
  return import('qrcode');
}
