import { evidenceSchema } from '@round-mint/contract/pieces';
import { identify, type Evidence, type Identity } from '@round-mint/core/identify';
import { jsonParam } from '@/features/shared/screen/json-param';

/** A piece that was tested before it is in stock. */
export interface FoundPiece {
  readonly evidence: Evidence;
  readonly identity: Identity;
}

/** What was found, as it travels in an address: a reload loses nothing. */
export function foundParam(evidence: Evidence): string {
  return JSON.stringify(evidence);
}

/** What an address brings; undefined for an address that brings nothing that can be read. */
export function foundFrom(param: string | undefined): FoundPiece | undefined {
  const evidence = jsonParam(param, evidenceSchema);
  return evidence && { evidence, identity: identify(evidence) };
}

/** What a form for it begins with: the metal that it probably is, and its mass. */
export function foundTexts({ evidence, identity }: FoundPiece): {
  readonly metal?: string;
  readonly massG?: string;
} {
  return {
    ...(identity.certainty === 'unsure' ? {} : { metal: identity.metal }),
    ...(evidence.weighing ? { massG: String(evidence.weighing.airG) } : {}),
  };
}
