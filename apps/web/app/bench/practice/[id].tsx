export { ExerciseScreen as default } from '@/features/bench/practice/ExerciseScreen';
