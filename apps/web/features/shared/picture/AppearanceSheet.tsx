import { percentWords } from '@round-mint/core/format';
import type { BandScene, RingScene } from '@round-mint/core/ring-picture';
import { useContext, useState } from 'react';
import { View } from 'react-native';
import { LightContext } from '@/theme/light';
import { Button } from '@/ui/Button';
import { LabelledChoices } from '@/ui/Choices';
import { Notice } from '@/ui/Notice';
import { Sheet } from '@/ui/Sheet';
import { Slider } from '@/ui/Slider';
import { Type } from '@/ui/Type';
import { saveBandSvg, saveGlb, savePng } from './exports';
import type { Appearance } from './ring-scene';
import { roundRingScene } from './round-ring-scene';
import type { Held } from './use-turning';

const SURFACES = [
  { value: 'polished', label: 'bright' },
  { value: 'satin', label: 'satin' },
  { value: 'dark', label: 'dark hollows' },
  { value: 'as-formed', label: 'sanded' },
  { value: 'fire-scale', label: 'fire scale' },
  { value: 'rainbow', label: 'rainbow' },
] as const satisfies readonly { readonly value: Appearance['surface']; readonly label: string }[];

const INSIDES = [
  { value: 'as', label: 'as outside' },
  { value: 'gold', label: 'gold lining' },
] as const;

const BESIDES = [
  { value: 'nothing', label: 'alone' },
  { value: 'finger', label: 'on a finger' },
  { value: 'piece', label: 'beside the piece' },
] as const satisfies readonly { readonly value: Appearance['beside']; readonly label: string }[];

interface AppearanceSheetProps {
  open: boolean;
  onClose: () => void;
  appearance: Appearance;
  onChange: (appearance: Appearance) => void;
  name: string;
  scene: RingScene | undefined;
  band: BandScene | undefined;
  held: Held;
}

/** How the ring is shown, and the picture as a file. */
export function AppearanceSheet({ open, onClose, appearance, onChange, ...files }: AppearanceSheetProps) {
  const { surface, goldInside, depth, beside } = appearance;
  return (
    <Sheet title="How it is shown" open={open} onClose={onClose} footer={<Files {...files} />}>
      <LabelledChoices
        label="Surface"
        choices={SURFACES}
        value={surface}
        onChange={(value) => onChange({ ...appearance, surface: value })}
      />
      <LabelledChoices
        label="Inside"
        choices={INSIDES}
        value={goldInside ? 'gold' : 'as'}
        onChange={(value) => onChange({ ...appearance, goldInside: value === 'gold' })}
      />
      <LabelledChoices
        label="For its size"
        choices={BESIDES}
        value={beside}
        onChange={(value) => onChange({ ...appearance, beside: value })}
      />
      <View>
        <Type as="label">Relief</Type>
        <Slider
          label="Relief"
          value={depth}
          max={2}
          step={0.1}
          valueText={depth === 1 ? 'as struck' : `${percentWords(depth)} of as struck`}
          onChange={(value) => onChange({ ...appearance, depth: value })}
        />
      </View>
      <Type as="small">
        Only the picture changes. Relief is estimated from the shades of the photograph, not measured.
      </Type>
    </Sheet>
  );
}

function Files({ name, scene, band, held }: Pick<AppearanceSheetProps, 'name' | 'scene' | 'band' | 'held'>) {
  const light = useContext(LightContext);
  const [problem, setProblem] = useState<string>();
  const [isBusy, setBusy] = useState(false);
  const save = async (work: () => Promise<void>) => {
    setBusy(true);
    setProblem(undefined);
    try {
      await work();
    } catch {
      setProblem('The file could not be made on this device.');
    } finally {
      setBusy(false);
    }
  };
  if (!scene || !band) return null;
  return (
    <View className="gap-2">
      {problem ? <Notice level="stop" title={problem} live /> : null}
      <View className="flex-row gap-2">
        <Button
          label="Picture (PNG)"
          className="flex-1"
          disabled={isBusy}
          onPress={() => void save(() => savePng(name, scene, held, light))}
        />
        <Button
          label="3D (GLB)"
          className="flex-1"
          disabled={isBusy}
          onPress={() => void save(() => saveGlb(name, roundRingScene(scene)))}
        />
        <Button
          label="Band (SVG)"
          className="flex-1"
          disabled={isBusy}
          onPress={() => void save(() => saveBandSvg(`${name}, ${band.side}`, band))}
        />
      </View>
    </View>
  );
}
