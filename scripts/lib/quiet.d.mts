import type { Page } from '@playwright/test';

export function quietOf(
  page: Page,
  limits: { readonly silenceMs: number; readonly longestMs: number },
): () => Promise<void>;
