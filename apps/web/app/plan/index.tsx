export { PlanScreen as default } from '@/features/plan/coin/PlanScreen';
