export { LearntScreen as default } from '@/features/log/learnt/LearntScreen';
