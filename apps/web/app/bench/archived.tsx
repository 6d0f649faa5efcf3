export { ArchivedScreen as default } from '@/features/bench/ring/ArchivedScreen';
