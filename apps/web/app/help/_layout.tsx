export { CalmSlot as default } from '@/features/shared/screen/CalmSlot';
export { PlaceProblem as ErrorBoundary } from '@/features/shared/screen/PlaceProblem';
