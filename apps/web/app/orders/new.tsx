export { IntakeScreen as default } from '@/features/orders/intake/IntakeScreen';
