import { photos } from '@round-mint/contract/endpoints-bench';
import { addressOf } from '@/store/call';

/** A photograph of a ring, as the server has it. @throws when it is not there */
export async function fetchPhoto(id: string): Promise<Blob> {
  const answer = await fetch(addressOf(photos.file, { id }));
  if (!answer.ok) throw new Error('the picture is not there');
  return answer.blob();
}
