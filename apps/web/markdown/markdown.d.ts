/** Pages of docs/ come parsed into the app: page-of.cjs. */
declare module '*.md' {
  import type { HandbookPage } from '@/markdown/page';

  const page: HandbookPage;
  export default page;
}
