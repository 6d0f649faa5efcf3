export { HandsFreeScreen as default } from '@/features/bench/hands-free/HandsFreeScreen';
