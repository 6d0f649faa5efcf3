export { CentreScreen as default } from '@/features/plan/centring/CentreScreen';
