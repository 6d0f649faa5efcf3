import { createLessonMemory } from './lesson-memory';

// What a thread beside the server does: it takes tasks by these names.
export { teach } from './teach';
export const { take, learn } = createLessonMemory();
