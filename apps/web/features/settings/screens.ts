/** What the place's routes show: one file of the built app, fetched when the place is first opened. */
export { SettingsScreen } from './SettingsScreen';
export { BackupsScreen } from './backups/BackupsScreen';
export { DevicesScreen } from './devices/DevicesScreen';
export { FirstRunScreen } from './first-run/FirstRunScreen';
