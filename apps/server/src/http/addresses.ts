import { isIPv6 } from 'node:net';
import { networkInterfaces, type NetworkInterfaceInfo } from 'node:os';
import { toString as codeOf } from 'qrcode';

/** The host by which a server listens on every network. */
export const EVERYWHERE = '0.0.0.0';
/** The host by which it listens to its own machine alone. */
export const LOOPBACK = '127.0.0.1';

/** A host as an address writes it: IPv6 stands in brackets. */
export function urlHost(host: string): string {
  return isIPv6(host) ? `[${host}]` : host;
}

/**
 * Addresses of this machine under which other devices of the network reach a server: none while it listens on loopback
 * alone.
 */
export function networkAddresses(
  host: string,
  interfaces: NodeJS.Dict<NetworkInterfaceInfo[]> = networkInterfaces(),
): readonly string[] {
  const found = Object.values(interfaces)
    .flat()
    .flatMap((one) => (one && !one.internal && one.family === 'IPv4' ? [one.address] : []));
  if (host === EVERYWHERE || host === '::') return found;
  return found.filter((address) => address === host);
}

/** Where a phone pairs itself; the code stands behind #, which no browser sends. */
export function pairingAddress(address: string, code: string): string {
  return `${address}/pair#${code}`;
}

interface Opened {
  readonly addresses: readonly string[];
  readonly code: string;
  readonly certificateAddress: string | null;
}

/** What the terminal says when other devices may open the workshop: where, by which code, and what to mind. */
export async function networkLines({
  addresses,
  code,
  certificateAddress,
}: Opened): Promise<readonly string[]> {
  const spaced = `${code.slice(0, 3)} ${code.slice(3)}`;
  const [first, ...others] = addresses;
  const pairing = `Pairing code ${spaced}, good for five minutes and one device. Settings, Devices shows a new one.`;
  if (first === undefined) return [pairing];
  return [
    `On your phone, in the same network: ${first}`,
    ...others.map((url) => `or ${url}`),
    (await codeOf(pairingAddress(first, code), { type: 'utf8' })).trimEnd(),
    pairing,
    certificateAddress === null
      ? 'WARNING: without --https what is sent can be read on the way. Use it only in a network you trust.'
      : `The phone has to trust this workshop’s certificate once: ${certificateAddress}`,
  ];
}
