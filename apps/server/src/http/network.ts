/** How a workshop stands towards the network. */
export interface Network {
  /** Whether other devices reach it. */
  readonly isOpen: () => boolean;
  readonly setOpen: (open: boolean) => Promise<void>;
  /** Where other devices find it; none while it is closed. */
  readonly addresses: () => readonly string[];
  /** Where a phone finds the certificate that it has to trust; null without https. */
  readonly certificateAddress: () => string | null;
}

/** A workshop that nothing but its machine reaches. */
export const CLOSED_NETWORK: Network = {
  isOpen: () => false,
  setOpen: () => Promise.resolve(),
  addresses: () => [],
  certificateAddress: () => null,
};
