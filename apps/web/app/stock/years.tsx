export { YearsScreen as default } from '@/features/years/YearsScreen';
