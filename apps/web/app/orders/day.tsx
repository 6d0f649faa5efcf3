export { DayScreen as default } from '@/features/orders/day/DayScreen';
