/** See `demo-folder.mjs`. */
export function makeDemoFolder(): Promise<{
  readonly dataDir: string;
  readonly remove: () => Promise<void>;
}>;
