import type { CentrePicture } from '@round-mint/core/photo';
import { View } from 'react-native';
import { EllipseLine } from '@/features/shared/picture/EllipseLine';
import { TakePicture } from '@/features/shared/picture/TakePicture';
import { useLookedAt, type LookedAt } from '@/features/shared/picture/use-looked-at';
import { useWriters } from '@/features/shared/settings/use-settings';
import { useAppDispatch, useAppSelector } from '@/store/store';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { readPixels } from '@/ui/pixels';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { startJob } from '@/workers/start-job';
import { landsFilled } from './centring-slice';
import { centreWords, filledBy, problemWords } from './picture-model';

/** As fine as a phone's picture is of use: a piece that fills it is some 50 pixels to the millimetre. */
const LOOK_PX = 2400;

interface Punched {
  readonly diameterMm: number;
  readonly holeMm: number;
}

interface Seen {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly picture: CentrePicture;
}

async function lookAt(file: File, punched: Punched): Promise<Seen> {
  const { widthPx, heightPx, rgba } = await readPixels(file, LOOK_PX);
  const image = { widthPx, heightPx, rgba };
  const picture = await startJob('centre', { image, ...punched }, () => undefined).answer;
  return { widthPx, heightPx, picture };
}

/** The photograph with what was found in it. */
function SeenInIt({ photo, width }: { photo: LookedAt<Seen>; width: number }) {
  const { picture, widthPx, heightPx, address } = photo;
  const scale = width / widthPx;
  const height = heightPx * scale;
  const outlines = [picture.rim, picture.hole].flatMap((ellipse) => ellipse ?? []);
  return (
    <div style={{ position: 'relative', width, height, overflow: 'hidden' }} data-testid="centre-photo">
      <img src={address} alt="The punched piece" style={{ width, height, display: 'block' }} />
      <svg width={width} height={height} style={{ position: 'absolute', left: 0, top: 0 }} aria-hidden>
        {outlines.map((ellipse) => (
          <EllipseLine key={ellipse.majorPx} ellipse={ellipse} scale={scale} />
        ))}
      </svg>
    </div>
  );
}

interface PicturePartProps extends Punched {
  /** Across on the page, px. */
  width: number;
}

/** Where the hole lies, by a photograph of the punched piece; what it says may stand in for readings not taken. */
export function PicturePart({ width, ...punched }: PicturePartProps) {
  const dispatch = useAppDispatch();
  const write = useWriters();
  const texts = useAppSelector((state) => state.centring.texts);
  const { photo, isLooking, problem, take, forget } = useLookedAt((file) => lookAt(file, punched));
  const { centre } = photo?.picture ?? {};
  const empty = texts.filter((text) => text.trim() === '').length;
  const refusal = photo && problemWords(photo.picture, write.length(punched.holeMm));
  return (
    <View role="group" aria-label="By a photograph" className="gap-3">
      <Type as="heading">By a photograph</Type>
      {problem ? <Notice level="stop" title={problem} live /> : null}
      {isLooking ? <Type role="status">Looking for rim and hole …</Type> : null}
      {photo && width > 0 ? (
        <View className="items-center">
          <SeenInIt photo={photo} width={width} />
        </View>
      ) : null}
      {refusal ? (
        <Notice level="warn" title="This picture does not tell" live testID="centre-untold">
          {refusal}
        </Notice>
      ) : null}
      {centre ? (
        <>
          <Notice
            level="good"
            title={centreWords(centre, punched.holeMm, write.length)}
            live
            testID="centre-told"
          >
            12 is the top of the picture. Measured from rim and hole, the coin’s diameter for scale.
          </Notice>
          <Button
            label={empty === 0 ? 'All places have a reading' : `Fill ${empty} empty places from the picture`}
            disabled={empty === 0}
            onPress={() => dispatch(landsFilled(filledBy(centre, punched.diameterMm, texts, write.unit)))}
          />
        </>
      ) : null}
      {photo ? (
        <TextButton label="another picture" describe="Take another picture" onPress={forget} />
      ) : (
        <>
          <Type as="small">
            Hold the phone flat above the piece, its top up, so that it fills most of the picture.
          </Type>
          <TakePicture disabled={isLooking} onFile={(file) => void take(file)} />
        </>
      )}
    </View>
  );
}
