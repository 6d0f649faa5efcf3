import { Type } from './Type';

/** What is wrong with a choice, below it; nothing while nothing is. A text box tells its own. */
export function ProblemLine({ text }: { text: string | undefined }) {
  if (text === undefined) return null;
  return (
    <Type as="small" role="alert" className="text-stop">
      {`✕ ${text}`}
    </Type>
  );
}
