import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { pickFile } from '@/ui/pick-file';
import { PICTURE_FILES } from './use-looked-at';

/** Takes a picture with the camera, or one that there is already. */
export function TakePicture({ disabled, onFile }: { disabled: boolean; onFile: (file: File) => void }) {
  const pick = async (camera: boolean) => {
    const file = await pickFile({ accept: PICTURE_FILES, camera });
    if (file) onFile(file);
  };
  return (
    <View className="flex-row gap-2">
      <Button label="Take a photo" className="flex-1" disabled={disabled} onPress={() => void pick(true)} />
      <Button label="Choose a file" className="flex-1" disabled={disabled} onPress={() => void pick(false)} />
    </View>
  );
}
