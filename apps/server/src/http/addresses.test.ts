import type { NetworkInterfaceInfo } from 'node:os';
import { networkLines, networkUrls } from './addresses';

const OF_CARD = { netmask: '255.255.255.0', mac: '00:00:00:00:00:00', cidr: null };

function address(value: string, internal = false): NetworkInterfaceInfo {
  return { ...OF_CARD, address: value, family: 'IPv4', internal };
}

function longAddress(value: string): NetworkInterfaceInfo {
  return { ...OF_CARD, address: value, family: 'IPv6', internal: false, scopeid: 0 };
}

const NETWORKS = {
  lo: [address('127.0.0.1', true)],
  wifi: [address('192.168.7.20'), longAddress('fe80::1')],
  cable: [address('10.0.0.5')],
};

describe('addresses of the network', () => {
  it('are told only where the server listens there', () => {
    expect(networkUrls('127.0.0.1', 4173, NETWORKS)).toEqual([]);
    expect(networkUrls('localhost', 4173, NETWORKS)).toEqual([]);
    expect(networkUrls('0.0.0.0', 4173, NETWORKS)).toEqual([
      'http://192.168.7.20:4173',
      'http://10.0.0.5:4173',
    ]);
    expect(networkUrls('10.0.0.5', 80, NETWORKS)).toEqual(['http://10.0.0.5:80']);
    expect(networkUrls('0.0.0.0', 4173, {})).toEqual([]);
  });

  it('come with a code for a phone, and a warning', async () => {
    expect(await networkLines([])).toEqual([]);
    const [line, other, code, warning] = await networkLines([
      'http://192.168.7.20:4173',
      'http://10.0.0.5:4173',
    ]);
    expect(line).toContain('http://192.168.7.20:4173');
    expect(other).toBe('or http://10.0.0.5:4173');
    // Rows of blocks, all of one width.
    const rows = (code ?? '').split('\n');
    expect(rows.length).toBeGreaterThan(10);
    expect(new Set(rows.slice(1, -1).map((row) => row.length)).size).toBe(1);
    expect(warning).toMatch(/network you trust/);
  });
});
