export { WorkPlanScreen as default } from '@/features/plan/other-work/WorkPlanScreen';
