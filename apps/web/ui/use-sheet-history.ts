import { useEffect, useRef } from 'react';
import { Platform } from 'react-native';
import { sheetHistory } from './sheet-history';

// Before the router listens: what concerns only sheets is kept from it.
const opened = Platform.OS === 'web' && typeof window !== 'undefined' ? sheetHistory(window) : undefined;

/** Makes a sheet an entry of the history while it is open: Back closes it. */
export function useSheetHistory(open: boolean, onClose: () => void): void {
  const close = useRef(onClose);
  useEffect(() => {
    close.current = onClose;
  });
  useEffect(() => (open ? opened?.(() => close.current()) : undefined), [open]);
}
