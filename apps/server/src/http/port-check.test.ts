import { once } from 'node:events';
import { createServer, type AddressInfo } from 'node:net';
import { checkPort } from './port-check';

describe('checkPort', () => {
  it('says in words when a port is taken, and lets it go again when it is free', async () => {
    const other = createServer().listen(0, '127.0.0.1');
    await once(other, 'listening');
    const { port } = other.address() as AddressInfo;
    await expect(checkPort(port, '127.0.0.1')).rejects.toThrow(
      `Port ${port} on 127.0.0.1 is taken by another program: set PORT, or HOST, to another one.`,
    );
    other.close();
    await once(other, 'close');
    await checkPort(port, '127.0.0.1');
    await checkPort(port, '127.0.0.1');
  });

  it('says so when the address is none of this machine', async () => {
    await expect(checkPort(0, '203.0.113.9')).rejects.toThrow(/this machine has no such address/);
  });
});
