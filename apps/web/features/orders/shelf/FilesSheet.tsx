import { shelf } from '@round-mint/contract/endpoints-shelf';
import type { ShelfRing } from '@round-mint/contract/shelf';
import { SIZE_SYSTEM_IDS, SIZE_SYSTEMS, type SizeSystemId } from '@round-mint/core/size';
import { useState } from 'react';
import { View } from 'react-native';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { addressOf } from '@/store/call';
import { Button } from '@/ui/Button';
import { LabelledChoices } from '@/ui/Choices';
import { download } from '@/ui/download';
import { Notice } from '@/ui/Notice';
import { Progress } from '@/ui/Progress';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import { useShelfFiles, type ShelfFile } from './use-shelf-files';

const SYSTEM_CHOICES = SIZE_SYSTEM_IDS.map((value) => ({ value, label: SIZE_SYSTEMS[value].prefix }));

interface Offered {
  readonly file: ShelfFile;
  readonly label: string;
  readonly note: string;
}

const FOR_BUYERS: readonly Offered[] = [
  { file: 'page', label: 'Catalogue, web page', note: 'One file: opens on any phone, prints well.' },
  { file: 'pdf', label: 'Catalogue, PDF', note: 'A4, with pictures.' },
  { file: 'zip', label: 'Pictures and texts', note: 'A zip: a folder for each ring.' },
  { file: 'products', label: 'Product data', note: 'JSON-LD of schema.org, for your own page.' },
  { file: 'json', label: 'Everything, JSON', note: 'All figures and the history.' },
];

const FOR_TABLE: readonly Offered[] = [
  { file: 'prices', label: 'Price list, PDF', note: 'Smallest first.' },
  { file: 'labels', label: 'Labels, PDF', note: '24 to a sheet; the code opens the ring on a phone.' },
];

interface FileRowProps {
  label: string;
  note: string;
  busy?: boolean;
  onPress: () => void;
}

function FileRow({ label, note, busy = false, onPress }: FileRowProps) {
  return (
    <View className="flex-row items-center gap-3">
      <Button className="w-[190px]" label={label} disabled={busy} onPress={onPress} />
      <Type as="small" className="flex-1">
        {note}
      </Type>
    </View>
  );
}

/** The shelf as files for buyers; nothing is sent anywhere. */
export function FilesSheet({ items, onClose }: { items: readonly ShelfRing[]; onClose: () => void }) {
  const write = useWriters();
  const { primarySystem, workshopName, currency } = useSettings();
  const [buyers, setBuyers] = useState<SizeSystemId>(primarySystem);
  const systems = [...new Set([buyers, primarySystem])];
  const words = { systems, workshop: workshopName, currency, write };
  const { make, stop, share, problem } = useShelfFiles(items, words);
  const row = ({ file, ...told }: Offered) => (
    <FileRow key={file} {...told} busy={share !== undefined} onPress={() => void make(file)} />
  );
  return (
    <Sheet title="The shelf as files" open onClose={onClose}>
      <LabelledChoices
        label="The buyer’s sizes"
        choices={SYSTEM_CHOICES}
        value={buyers}
        onChange={setBuyers}
        minWidth={56}
      />
      {share === undefined ? null : <Progress what="Drawing the rings" share={share} onStop={stop} />}
      {problem ? <Notice level="stop" title="The file could not be made. Try again." live /> : null}
      <View className="gap-2">
        {FOR_BUYERS.map(row)}
        <FileRow
          label="Table, CSV"
          note="For a spreadsheet."
          onPress={() => download(addressOf(shelf.exportCsv, {}))}
        />
        <Type as="heading">For a market table</Type>
        {FOR_TABLE.map(row)}
      </View>
      <Type as="small">Nothing is sent anywhere: each is saved on this device.</Type>
    </Sheet>
  );
}
