export { BeginScreen as default } from '@/features/plan/half-made/BeginScreen';
