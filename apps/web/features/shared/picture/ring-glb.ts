import { GLTFExporter } from 'three/examples/jsm/exporters/GLTFExporter.js';
import type { RoundRingScene } from './round-ring-scene';
import { faceMaterials, groupOf } from './round-scene';

/** glTF measures in metres. */
const MM = 0.001;

/** A ring as a GLB file, in its true size. */
export async function ringGlb(scene: RoundRingScene): Promise<Uint8Array> {
  const object = groupOf(scene, await faceMaterials(scene));
  object.scale.setScalar(MM);
  object.name = 'ring';
  const file = await new GLTFExporter().parseAsync(object, { binary: true });
  if (!(file instanceof ArrayBuffer)) throw new Error('the ring could not be written');
  return new Uint8Array(file);
}
