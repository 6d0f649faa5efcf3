/** A file's bytes as text, as JSON takes them. @throws when it cannot be read */
export async function base64Of(blob: Blob): Promise<string> {
  const url = await new Promise<string>((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.onerror = () => reject(new Error('the picture could not be read'));
    reader.readAsDataURL(blob);
  });
  return url.slice(url.indexOf(',') + 1);
}
