import { CODE_DIGITS } from '@round-mint/contract/access';

/** The code behind # in an address, which no server and no log sees; empty where there is none. */
export function codeOf(hash: string): string {
  const digits = hash.replace(/\D/g, '');
  return digits.length === CODE_DIGITS ? digits : '';
}

/** The code that this page was opened with: read at once, since the router writes the address anew. */
export const CODE_IN_ADDRESS = codeOf(globalThis.location?.hash ?? '');
