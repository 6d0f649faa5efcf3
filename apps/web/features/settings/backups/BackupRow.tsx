import type { Backup } from '@round-mint/contract/backups';
import { backups } from '@round-mint/contract/endpoints-backups';
import Check from 'lucide-react-native/icons/circle-check';
import Stop from 'lucide-react-native/icons/octagon-x';
import { View } from 'react-native';
import { addressOf } from '@/store/call';
import { usePalette } from '@/theme/light';
import { download } from '@/ui/download';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { backupMoment, countsWords, KIND_WORDS, sizeWords } from './backup-words';

/** One backup: when and why it was made, whether it was read back, what it holds. */
export function BackupRow({ backup, onRestore }: { backup: Backup; onRestore: () => void }) {
  const palette = usePalette();
  const { id, at, kind, bytes, counts, check, restorable } = backup;
  const moment = backupMoment(at);
  return (
    <View role="listitem" className="gap-0.5 border-b border-line py-2">
      <View className="flex-row items-center gap-2">
        {check.ok ? <Check size={20} color={palette.target} /> : <Stop size={20} color={palette.stop} />}
        <Type as="strong" className="flex-1">
          {moment}
        </Type>
        <Type as="small">{sizeWords(bytes)}</Type>
      </View>
      <Type as="small">
        {check.ok
          ? `${KIND_WORDS[kind]}, read back and whole`
          : `${KIND_WORDS[kind]}, not whole: ${check.problem ?? ''}`}
      </Type>
      {counts ? <Type as="small">{countsWords(counts)}</Type> : null}
      {check.ok && !restorable ? (
        <Type as="small">{`The data as the older version kept them. In a terminal: npm run restore -- ${id}`}</Type>
      ) : null}
      <View className="flex-row justify-end gap-4">
        {check.ok ? (
          <TextButton
            label="save a copy"
            describe={`Save a copy of the backup of ${moment}`}
            onPress={() => download(addressOf(backups.file, { id }))}
          />
        ) : null}
        {restorable ? (
          <TextButton label="restore" describe={`Restore the backup of ${moment}`} onPress={onRestore} />
        ) : null}
      </View>
    </View>
  );
}
