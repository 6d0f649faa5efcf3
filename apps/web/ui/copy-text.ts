/** How text was copied before there was a clipboard to write to: selected, and copied by command. */
function copyBySelection(text: string): boolean {
  const field = document.createElement('textarea');
  field.value = text;
  field.style.position = 'fixed';
  field.style.opacity = '0';
  document.body.append(field);
  field.select();
  try {
    return document.execCommand('copy');
  } finally {
    field.remove();
  }
}

/**
 * Text into the clipboard, on a plain address of the network too, where browsers keep the clipboard from a page.
 * @returns whether it is there
 */
export async function copyText(text: string): Promise<boolean> {
  // Typed as always there; it is not on plain http.
  // oxlint-disable-next-line no-restricted-properties -- the one place that knows how to do without
  const clipboard = navigator.clipboard as Clipboard | undefined;
  if (!clipboard) return copyBySelection(text);
  try {
    await clipboard.writeText(text);
    return true;
  } catch {
    return copyBySelection(text);
  }
}
