export { PeopleScreen as default } from '@/features/orders/people/PeopleScreen';
