export { IntakeScreen as default } from '@/features/intake/IntakeScreen';
