export { RingScreen as default } from '@/features/bench/RingScreen';
