export { CentreScreen as default } from '@/features/centring/CentreScreen';
