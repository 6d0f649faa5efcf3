export { PracticeScreen as default } from '@/features/bench/practice/PracticeScreen';
