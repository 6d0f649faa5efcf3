export { FirstRunScreen as default } from '@/features/settings/first-run/FirstRunScreen';
export { PlaceProblem as ErrorBoundary } from '@/features/shared/screen/PlaceProblem';
