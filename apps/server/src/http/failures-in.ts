/** What a failure tells of itself, and those that it was caused by. */
export interface ToldFailure {
  /** Of the system or of PostgreSQL; empty where it tells none. */
  readonly code: string;
  readonly message: string;
  readonly syscall: string;
}

const textIn = (value: unknown) => (typeof value === 'string' ? value : '');

/** A failure and all that it was caused by, from the outside in. */
export function* failuresIn(error: unknown): Generator<ToldFailure> {
  for (let one = error; one instanceof Error; one = one.cause) {
    const { code, syscall } = one as { code?: unknown; syscall?: unknown };
    yield { code: textIn(code), message: one.message, syscall: textIn(syscall) };
  }
}
