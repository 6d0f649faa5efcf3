export { PairScreen as default } from '@/features/shell/pairing/PairScreen';
export { PlaceProblem as ErrorBoundary } from '@/features/shared/screen/PlaceProblem';
