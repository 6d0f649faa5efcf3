import { v4 } from 'uuid';

/** An id for something that is new here. The browser's own maker of ids is missing on a plain address of the network. */
export function newId(): string {
  return v4();
}
