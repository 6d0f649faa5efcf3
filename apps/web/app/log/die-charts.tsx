export { DieChartsScreen as default } from '@/features/die-charts/DieChartsScreen';
