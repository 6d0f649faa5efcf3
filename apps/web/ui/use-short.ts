import { useWindowDimensions } from 'react-native';

/** A phone held sideways, or a page enlarged twice: height is what there is little of. */
const SHORT_UNDER = 500;

export function useIsShort(): boolean {
  return useWindowDimensions().height < SHORT_UNDER;
}
