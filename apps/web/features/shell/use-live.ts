import { useEffect } from 'react';
import { listenToChanges } from '@/store/live';
import { useAppDispatch } from '@/store/store';

/** What other devices change stands here within a second. @param wanted not before the device is let in */
export function useLive(wanted: boolean): void {
  const dispatch = useAppDispatch();
  useEffect(() => (wanted ? listenToChanges(dispatch) : undefined), [dispatch, wanted]);
}
