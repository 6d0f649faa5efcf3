import type { NetworkInterfaceInfo } from 'node:os';
import { networkAddresses, networkLines, urlHost } from './addresses';

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
    expect(networkAddresses('127.0.0.1', NETWORKS)).toEqual([]);
    expect(networkAddresses('localhost', NETWORKS)).toEqual([]);
    expect(networkAddresses('0.0.0.0', NETWORKS)).toEqual(['192.168.7.20', '10.0.0.5']);
    expect(networkAddresses('10.0.0.5', NETWORKS)).toEqual(['10.0.0.5']);
    expect(networkAddresses('0.0.0.0', {})).toEqual([]);
  });

  it('stand in brackets where they are long', () => {
    expect(urlHost('fd00::2')).toBe('[fd00::2]');
    expect(urlHost('192.168.7.20')).toBe('192.168.7.20');
  });
});

describe('what the terminal says', () => {
  const opened = { code: '048193', certificateAddress: null };

  it('is where, a code for a phone, the pairing code and a warning', async () => {
    const [line, other, code, pairing, warning] = await networkLines({
      ...opened,
      addresses: ['http://192.168.7.20:4173', 'http://10.0.0.5:4173'],
    });
    expect(line).toContain('http://192.168.7.20:4173');
    expect(other).toBe('or http://10.0.0.5:4173');
    // Rows of blocks, all of one width.
    const rows = (code ?? '').split('\n');
    expect(rows.length).toBeGreaterThan(10);
    expect(new Set(rows.slice(1, -1).map((row) => row.length)).size).toBe(1);
    expect(pairing).toContain('048 193');
    expect(warning).toMatch(/^WARNING: without --https .* network you trust/);
  });

  it('is the certificate’s address with https, and the code alone where only the machine is locked', async () => {
    const secure = { addresses: ['https://10.0.0.5:4173'], code: '048193' };
    const certificateAddress = 'http://10.0.0.5:4174/certificate';
    expect((await networkLines({ ...secure, certificateAddress })).at(-1)).toContain(certificateAddress);
    expect(await networkLines({ ...opened, addresses: [] })).toHaveLength(1);
  });
});
