/** Component tests read files as node does. */
export async function base64Of(blob: Blob): Promise<string> {
  return Buffer.from(await blob.arrayBuffer()).toString('base64');
}
