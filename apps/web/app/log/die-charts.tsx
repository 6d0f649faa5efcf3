export { DieChartsScreen as default } from '@/features/log/die-charts/DieChartsScreen';
