/** Hands a file made in the page to the browser, which saves it. */
export function saveFile(name: string, content: string | Uint8Array, type: string): void {
  const url = URL.createObjectURL(new Blob([content as BlobPart], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser has its own hold of the file once the click is through.
  setTimeout(() => URL.revokeObjectURL(url), 0);
}
