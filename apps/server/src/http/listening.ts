import { createServer as createPlain, type RequestListener, type Server } from 'node:http';
import { createServer as createSecure, type Server as SecureServer } from 'node:https';
import type { AddressInfo, Socket } from 'node:net';
import { EVERYWHERE, LOOPBACK, networkAddresses, urlHost } from './addresses';
import { isStale, makeLeaf, openAuthority, type Leaf } from './certificates';
import { isLoopback } from './caller';
import { certificateApp } from './certificate-app';
import { ownNames } from './guard';
import type { Network } from './network';

/** How often the certificate is looked at, ms. */
const LOOK_MS = 3_600_000;
/**
 * How long a connection is kept for the next request, ms: longer than a browser leaves one unused, so that the server
 * does not hang up in the moment in which a phone asks again.
 */
const KEPT_MS = 65_000;

interface ListeningOptions {
  readonly host: string;
  /** 0 takes any free one. */
  readonly port: number;
  /** Names that it answers under besides the machine's own. */
  readonly allowedHosts: readonly string[];
  /** Where the certificate authority is kept; left out, plain http is served. */
  readonly authorityFolder?: string | undefined;
}

/** A workshop's server, before and while it listens. */
export interface Listening {
  readonly network: Network;
  /** @returns the address for this machine's own browser */
  readonly start: (app: RequestListener) => Promise<string>;
  /** Takes no new connections; calls back when the last one has ended. */
  readonly close: (done: () => void) => void;
  readonly closeAllConnections: () => void;
}

function bind(server: Server | SecureServer, port: number, host: string): Promise<number> {
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, () => {
      server.off('error', reject);
      resolve((server.address() as AddressInfo).port);
    });
  });
}

/** Listens on one port, and moves between loopback and the network without ending what goes on. */
export function createListening({ host, port, allowedHosts, authorityFolder }: ListeningOptions): Listening {
  const servers = new Set<Server | SecureServer>();
  const sockets = new Set<Socket>();
  const bound = { host, port, certificatePort: port === 0 ? 0 : port + 1 };
  let current: (Server | SecureServer)[] = [];
  let listenAt: (onHost: string) => Promise<void> = () => Promise.reject(new Error('not started'));
  const scheme = authorityFolder === undefined ? 'http' : 'https';

  const opened = (server: Server | SecureServer) => {
    servers.add(server);
    server.keepAliveTimeout = KEPT_MS;
    server.on('connection', (socket: Socket) => {
      sockets.add(socket);
      socket.on('close', () => sockets.delete(socket));
    });
    return server;
  };
  const names = () => [
    ...new Set([...ownNames(), ...allowedHosts, LOOPBACK, ...networkAddresses(bound.host)]),
  ];

  const network: Network = {
    isOpen: () => !isLoopback(bound.host),
    setOpen: async (open) => {
      if (open !== isLoopback(bound.host)) return;
      const before = bound.host;
      for (const server of current) server.close();
      try {
        await listenAt(open ? EVERYWHERE : LOOPBACK);
      } catch (error) {
        await listenAt(before);
        throw error;
      }
      if (!open) for (const socket of sockets) if (!isLoopback(socket.remoteAddress)) socket.destroy();
    },
    addresses: () =>
      networkAddresses(bound.host).map((address) => `${scheme}://${urlHost(address)}:${bound.port}`),
    certificateAddress: () => {
      if (authorityFolder === undefined) return null;
      const [first = 'localhost'] = networkAddresses(bound.host);
      return `http://${urlHost(first)}:${bound.certificatePort}/certificate`;
    },
  };

  const startPlain = (app: RequestListener) => {
    listenAt = async (onHost) => {
      const server = opened(createPlain(app));
      bound.port = await bind(server, bound.port, onHost);
      bound.host = onHost;
      current = [server];
    };
    return listenAt(host);
  };
  const startSecure = async (app: RequestListener, folder: string) => {
    const authority = await openAuthority(folder);
    const plain = certificateApp(authority.cert, allowedHosts, () => bound.port);
    let leaf: Leaf | undefined;
    const fresh = async () =>
      leaf && !isStale(leaf, names()) ? leaf : (leaf = await makeLeaf(authority, names()));
    listenAt = async (onHost) => {
      bound.host = onHost;
      const secure = createSecure(await fresh(), app);
      const server = opened(secure);
      const beside = opened(createPlain(plain));
      bound.port = await bind(server, bound.port, onHost);
      bound.certificatePort = await bind(beside, bound.certificatePort, onHost);
      current = [server, beside];
    };
    const renew = async () => {
      const before = leaf;
      const now = await fresh();
      if (now !== before)
        for (const server of current) if ('setSecureContext' in server) server.setSecureContext(now);
    };
    setInterval(() => void renew().catch(console.error), LOOK_MS).unref();
    return listenAt(host);
  };

  return {
    network,
    start: async (app) => {
      await (authorityFolder === undefined ? startPlain(app) : startSecure(app, authorityFolder));
      const name = bound.host === EVERYWHERE || bound.host === '::' ? 'localhost' : urlHost(bound.host);
      return `${scheme}://${name}:${bound.port}`;
    },
    close: (done) => {
      let left = current.length;
      if (left === 0) done();
      for (const server of current) {
        server.close(() => {
          left -= 1;
          if (left === 0) done();
        });
        server.closeIdleConnections();
      }
    },
    closeAllConnections: () => {
      for (const server of servers) server.closeAllConnections();
    },
  };
}
