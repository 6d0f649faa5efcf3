export { YearsScreen as default } from '@/features/stock/years/YearsScreen';
