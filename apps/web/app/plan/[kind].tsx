export { WorkPlanScreen as default } from '@/features/works/WorkPlanScreen';
