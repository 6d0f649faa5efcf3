export { ExerciseScreen as default } from '@/features/practice/ExerciseScreen';
