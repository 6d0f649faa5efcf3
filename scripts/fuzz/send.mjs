import { Agent, request } from 'node:http';
import { connect } from 'node:net';

/** An answer that takes longer has hung. */
const LONGEST_MS = 120_000;
const agent = new Agent({ keepAlive: true, maxSockets: 40 });

/**
 * Sends a request just as it is told.
 * @param {{ port: number, method: string, path: string, head: Record<string, string>, body: string | undefined }} asked
 * @returns {Promise<{ status: number, text: string }>} status 0 when nothing came in time, -1 when the way broke off
 */
export function send({ port, method, path, head, body }) {
  return new Promise((resolve) => {
    const length = body === undefined ? {} : { 'content-length': String(Buffer.byteLength(body)) };
    const sent = request(
      { agent, host: '127.0.0.1', port, method, path, headers: { ...head, ...length } },
      (answer) => {
        let text = '';
        answer.setEncoding('utf8');
        answer.on('data', (part) => {
          text += part;
        });
        answer.on('end', () => resolve({ status: answer.statusCode ?? 0, text }));
        answer.on('error', () => resolve({ status: -1, text }));
      },
    );
    sent.setTimeout(LONGEST_MS, () => {
      resolve({ status: 0, text: '' });
      sent.destroy();
    });
    sent.on('error', () => resolve({ status: -1, text: '' }));
    sent.end(body);
  });
}

/**
 * Opens many connections at once that send half a request and then nothing.
 * @param {number} port
 * @param {number} count
 * @returns {() => void} closes them
 */
export function openHalves(port, count) {
  const sockets = Array.from({ length: count }, (_one, i) => {
    const socket = connect(port, '127.0.0.1');
    socket.on('error', () => undefined);
    socket.write(
      i % 2 === 0
        ? 'POST /api/v1/people HTTP/1.1\r\nhost: localhost\r\ncontent-type: application/json\r\ncontent-length: 500\r\n\r\n{"name":'
        : 'GET /api/v1/stock HTTP/1.1\r\nhost: loc',
    );
    return socket;
  });
  return () => sockets.forEach((socket) => socket.destroy());
}
