import type { Request, Response } from 'express';

/** A silent line is taken for a dead one by proxies: a comment now and then keeps it, ms. */
const KEEP_ALIVE_MS = 15_000;

/** A stream of server-sent events to one page. */
export interface EventStream {
  readonly send: (data: unknown) => void;
  readonly end: () => void;
}

/**
 * Answers with a stream of server-sent events.
 * @param onClose runs once, when either side has ended it
 */
export function openStream(request: Request, response: Response, onClose: () => void): EventStream {
  response.writeHead(200, { 'content-type': 'text/event-stream', 'cache-control': 'no-store' });
  // A first line, so that the page knows at once that it listens.
  response.write(': here\n\n');
  const keepAlive = setInterval(() => response.write(': still here\n\n'), KEEP_ALIVE_MS);
  keepAlive.unref();
  request.on('close', () => {
    clearInterval(keepAlive);
    onClose();
  });
  return {
    send: (data) => response.write(`data: ${JSON.stringify(data)}\n\n`),
    end: () => response.end(),
  };
}
