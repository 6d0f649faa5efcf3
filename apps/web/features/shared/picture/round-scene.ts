import { useThree } from '@react-three/fiber';
import { letterHeight, type RimLetters, type RingSide, type SideMesh } from '@round-mint/core/ring-picture';
import { useEffect, useMemo, useState } from 'react';
import {
  BufferAttribute,
  BufferGeometry,
  Color,
  DataTexture,
  EquirectangularReflectionMapping,
  FloatType,
  Group,
  LinearFilter,
  LinearMipmapLinearFilter,
  Material,
  Mesh,
  MeshBasicMaterial,
  MeshStandardMaterial,
  NoColorSpace,
  PlaneGeometry,
  PMREMGenerator,
  RepeatWrapping,
  SRGBColorSpace,
  Texture,
} from 'three';
import { startJob } from '@/workers/start-job';
import { ROOM_PX, type RoundRingScene } from './round-ring-scene';

/** Our own drawings count in what a screen shows, a graphics card in light: how much light shows as that. */
const SCREEN_GAMMA = 2.2;

/** A room as the card takes it; where it is darker than nothing it is black. */
function asLight(room: Float32Array): Float32Array {
  return room.map((shown) => Math.max(0, shown) ** SCREEN_GAMMA);
}

/** The room that a ring mirrors, as our own drawings have it. */
export function useRoom(room: Float32Array): void {
  const get = useThree((state) => state.get);
  useEffect(() => {
    const { gl, scene, invalidate } = get();
    const { width, height } = ROOM_PX;
    const picture = new DataTexture(asLight(room), width, height, undefined, FloatType);
    picture.mapping = EquirectangularReflectionMapping;
    picture.needsUpdate = true;
    const generator = new PMREMGenerator(gl);
    const mirrored = generator.fromEquirectangular(picture);
    scene.environment = mirrored.texture;
    invalidate();
    return () => {
      scene.environment = null;
      mirrored.dispose();
      generator.dispose();
      picture.dispose();
    };
  }, [get, room]);
}

function geometryOf({ positionsMm, normals, places, triangles }: SideMesh): BufferGeometry {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(positionsMm, 3));
  geometry.setAttribute('normal', new BufferAttribute(normals, 3));
  geometry.setAttribute('uv', new BufferAttribute(places, 2));
  geometry.setIndex(new BufferAttribute(triangles, 1));
  return geometry;
}

/** Pixels as a texture. @param isColour as a screen shows them, not as a measure */
function textureOf(pixels: Uint8Array, widthPx: number, heightPx: number, isColour: boolean): DataTexture {
  const texture = new DataTexture(new Uint8Array(pixels), widthPx, heightPx);
  texture.colorSpace = isColour ? SRGBColorSpace : NoColorSpace;
  texture.minFilter = LinearMipmapLinearFilter;
  texture.magFilter = LinearFilter;
  texture.generateMipmaps = true;
  texture.anisotropy = 4;
  texture.needsUpdate = true;
  return texture;
}

/** How deep a relief, and reeds, are for the card: deeper than they are, mm, since it sees no slope between two of its pixels. */
const BUMP = 1.1;
const REED_BUMP = 0.5;

/** A material in the metal's colour; what lies on it comes when it is ready. */
function metalOf({ look, edgeRoughness: roughness }: RoundRingScene): MeshStandardMaterial {
  const [red, green, blue] = look.metal;
  return new MeshStandardMaterial({
    metalness: 1,
    roughness,
    color: new Color().setRGB(red, green, blue, SRGBColorSpace),
  });
}

/** The reeds of a rim as a picture that repeats round it. */
function reedTexture(reeds: number): Texture {
  const width = 32;
  const pixels = new Uint8Array(4 * width);
  for (let i = 0; i < width; i++)
    pixels.fill(127 + 127 * Math.cos((2 * Math.PI * i) / width), 4 * i, 4 * i + 3);
  const texture = textureOf(pixels, width, 1, false);
  texture.wrapS = RepeatWrapping;
  texture.repeat.set(reeds, 1);
  return texture;
}

const LETTER_PX = 16;
const ROUND_PX = 1024;
const LETTER_BUMP = 0.22;

/** Letters of a rim edge as a picture of all of it: they stand on its flat part only, and lie lower. */
function letterTexture({ row, flatFrom }: RimLetters, edgeParts: number): Texture {
  const height = edgeParts * LETTER_PX;
  const pixels = new Uint8Array(4 * ROUND_PX * height).fill(255);
  for (let line = 0; line < height; line++) {
    const across = (line + 0.5) / LETTER_PX - flatFrom;
    if (across < 0 || across > 1) continue;
    for (let i = 0; i < ROUND_PX; i++) {
      const level = 255 * (1 - letterHeight(row, (2 * Math.PI * (i + 0.5)) / ROUND_PX, across));
      pixels.fill(level, 4 * (line * ROUND_PX + i), 4 * (line * ROUND_PX + i) + 3);
    }
  }
  return textureOf(pixels, ROUND_PX, height, false);
}

function edgeMaterial(scene: RoundRingScene, side: RingSide): MeshStandardMaterial {
  const material = metalOf(scene);
  if (side === 'rimEdge' && scene.reeds > 0) {
    material.bumpMap = reedTexture(scene.reeds);
    material.bumpScale = REED_BUMP;
  }
  if (side === 'rimEdge' && scene.letters) {
    material.bumpMap = letterTexture(scene.letters, scene.edgeParts);
    material.bumpScale = LETTER_BUMP;
  }
  return material;
}

/** The two faces of a ring, worked out in a worker. */
export async function faceMaterials(
  scene: RoundRingScene,
): Promise<Readonly<Record<'outside' | 'inside', MeshStandardMaterial>>> {
  const made = async (side: 'outside' | 'inside') => {
    const question = { relief: scene[side], look: scene.look, side };
    const { sidePx, colour, roughness, height } = await startJob('texture', question, () => undefined).answer;
    const material = new MeshStandardMaterial({ metalness: 1 });
    material.map = textureOf(colour, sidePx, sidePx, true);
    material.roughnessMap = textureOf(roughness, sidePx, sidePx, false);
    // One picture holds both, as glTF has it.
    material.metalnessMap = material.roughnessMap;
    material.bumpMap = textureOf(height, sidePx, sidePx, false);
    material.bumpScale = BUMP * scene.depth;
    if (side === 'inside') material.envMapIntensity = 0.7;
    return material;
  };
  const outside = await made('outside');
  return { outside, inside: await made('inside') };
}

/** The ground under a ring, of which only its shadow is seen, and that from above. */
function groundOf({ shadow: { sideMm, sidePx, dark }, middleMm }: RoundRingScene): Mesh {
  const pixels = new Uint8Array(4 * dark.length);
  dark.forEach((level, i) => (pixels[4 * i + 3] = level));
  const material = new MeshBasicMaterial({
    map: textureOf(pixels, sidePx, sidePx, true),
    transparent: true,
    depthWrite: false,
  });
  const ground = new Mesh(new PlaneGeometry(sideMm, sideMm).rotateX(-Math.PI / 2), material);
  ground.position.y = -middleMm;
  return ground;
}

function disposeOf(material: Material): void {
  for (const part of Object.values(material)) if (part instanceof Texture) part.dispose();
  material.dispose();
}

/** A ring as things of a scene; its surfaces change without its shape, and its shape without them. */
export function useRingGroup(scene: RoundRingScene): Group | undefined {
  const { outside, inside, look, depth } = scene;
  const [faces, setFaces] = useState<Awaited<ReturnType<typeof faceMaterials>>>();
  useEffect(() => {
    let over = false;
    let made: Awaited<ReturnType<typeof faceMaterials>> | undefined;
    void faceMaterials(scene).then((found) => {
      made = found;
      if (!over) setFaces(found);
      else Object.values(found).forEach(disposeOf);
    });
    return () => {
      over = true;
      // What is shown goes on being shown until the next is there.
      if (made) setTimeout(() => made && Object.values(made).forEach(disposeOf), 1000);
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- a new shape alone needs no new surfaces
  }, [outside, inside, look.surface, look.goldInside, look.metal, depth]);
  const group = useMemo(() => {
    if (!faces) return undefined;
    const made = groupOf(scene, faces);
    made.add(groundOf(scene));
    return made;
  }, [scene, faces]);
  useEffect(
    () => () => {
      const ofFaces: readonly unknown[] = Object.values(faces ?? {});
      group?.traverse((thing) => {
        if (!(thing instanceof Mesh)) return;
        if (thing.geometry instanceof BufferGeometry) thing.geometry.dispose();
        // Faces are let go of once others are there.
        if (thing.material instanceof Material && !ofFaces.includes(thing.material))
          disposeOf(thing.material);
      });
    },
    [group, faces],
  );
  return group;
}

/** A ring's four surfaces, its middle where the axes meet; mm. */
export function groupOf(
  scene: RoundRingScene,
  faces: Readonly<Record<'outside' | 'inside', MeshStandardMaterial>>,
): Group {
  const { mesh, middleMm } = scene;
  const object = new Group();
  const add = (side: RingSide, material: MeshStandardMaterial) => {
    const part = new Mesh(geometryOf(mesh[side]), material);
    // Not its corners: they are the scene's own, which may be drawn again.
    part.position.y = -middleMm;
    part.name = side;
    object.add(part);
  };
  add('outside', faces.outside);
  add('inside', faces.inside);
  add('rimEdge', edgeMaterial(scene, 'rimEdge'));
  add('cutEdge', edgeMaterial(scene, 'cutEdge'));
  return object;
}
