export { LearntScreen as default } from '@/features/learnt/LearntScreen';
