export { SettingsScreen as default } from '@/features/settings/SettingsScreen';
export { PlaceProblem as ErrorBoundary } from '@/features/shared/screen/PlaceProblem';
