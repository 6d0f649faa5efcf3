export { OutboxScreen as default } from '@/features/orders/outbox/OutboxScreen';
