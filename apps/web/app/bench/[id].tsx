export { RingScreen as default } from '@/features/bench/ring/RingScreen';
