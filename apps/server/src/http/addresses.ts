import { networkInterfaces, type NetworkInterfaceInfo } from 'node:os';
import { toString as codeOf } from 'qrcode';

/** Hosts by which a server listens on every network. */
const EVERYWHERE = new Set(['0.0.0.0', '::']);

/**
 * Addresses under which other devices of the network reach a server: none while it listens on loopback alone.
 */
export function networkUrls(
  host: string,
  port: number,
  interfaces: NodeJS.Dict<NetworkInterfaceInfo[]> = networkInterfaces(),
): readonly string[] {
  const found = Object.values(interfaces)
    .flat()
    .flatMap((one) => (one && !one.internal && one.family === 'IPv4' ? [one.address] : []));
  if (EVERYWHERE.has(host)) return found.map((address) => `http://${address}:${port}`);
  return found.includes(host) ? [`http://${host}:${port}`] : [];
}

/** What the terminal says when other devices may open the workshop: the addresses, the first as a code for a phone. */
export async function networkLines(urls: readonly string[]): Promise<readonly string[]> {
  const [first, ...others] = urls;
  if (first === undefined) return [];
  return [
    `On your phone, in the same network: ${first}`,
    ...others.map((url) => `or ${url}`),
    (await codeOf(first, { type: 'utf8' })).trimEnd(),
    'Everybody in this network can open it, and what is sent can be read on the way. Use it in a network you trust.',
  ];
}
