import { readFile } from 'node:fs/promises';
import { expect } from './fixtures';

interface Told {
  readonly meshes: readonly {
    readonly primitives: readonly { readonly attributes: { readonly POSITION: number } }[];
  }[];
  readonly accessors: readonly { readonly count: number; readonly max: readonly number[] }[];
  readonly nodes: readonly { readonly name?: string; readonly matrix?: readonly number[] }[];
  readonly images: readonly unknown[];
}

/** A GLB file as any viewer reads it: its corners by surface, how it is scaled, and how many pictures lie on it. */
export async function readGlb(path: string) {
  const glb = await readFile(path);
  expect(glb.subarray(0, 4).toString()).toBe('glTF');
  expect(glb.readUInt32LE(8)).toBe(glb.length);
  const { meshes, accessors, nodes, images } = JSON.parse(
    glb.subarray(20, 20 + glb.readUInt32LE(12)).toString(),
  ) as Told;
  const { matrix } = nodes.find(({ name }) => name === 'ring') ?? {};
  return {
    corners: meshes.flatMap(({ primitives }) =>
      primitives.map(({ attributes }) => accessors[attributes.POSITION] ?? { count: 0, max: [] }),
    ),
    scale: [matrix?.[0], matrix?.[5], matrix?.[10]],
    images: images.length,
  };
}
