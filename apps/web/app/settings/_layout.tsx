export { Slot as default } from 'expo-router';
export { PlaceProblem as ErrorBoundary } from '@/features/shared/screen/PlaceProblem';
