import { PGlite, type ExecProtocolOptions } from '@electric-sql/pglite';
import { setImmediate } from 'node:timers/promises';

/** So long the database may work without letting anything else happen. */
const TURN_MS = 40;

/**
 * The embedded database runs in this thread, one query straight after another for as long as some wait. Here the event
 * loop has its turn in between: without it, those whose connection is not taken yet wait until nobody else wants anything.
 */
export class SharedTurns extends PGlite {
  #turnMs = 0;

  override async execProtocolRaw(message: Uint8Array, options?: ExecProtocolOptions): Promise<Uint8Array> {
    if (performance.now() - this.#turnMs > TURN_MS) {
      await setImmediate();
      this.#turnMs = performance.now();
    }
    return super.execProtocolRaw(message, options);
  }
}
