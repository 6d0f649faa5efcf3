import { kitOrReference, toolWarning } from '@round-mint/core/kit';
import { pressesFor, toolIdOf, type RouteStep } from '@round-mint/core/steps';
import { useListKitQuery } from '@/store/api';
import { Notice } from '@/ui/Notice';

interface ToolNoticesProps {
  steps: readonly Pick<RouteStep, 'kind' | 'toolId' | 'contact'>[];
}

/** What is wrong with the tools of a route, once for each: what spoils rings first. */
export function ToolNotices({ steps }: ToolNoticesProps) {
  const kit = kitOrReference(useListKitQuery().data ?? []);
  const used = new Set(
    steps.flatMap((step) => [toolIdOf(kit, step) ?? [], pressesFor(kit, step).map(({ id }) => id)].flat()),
  );
  const warnings = [...used].flatMap((toolId) => toolWarning(kit, toolId) ?? []);
  return warnings
    .toSorted((a, b) => Number(b.isGrave) - Number(a.isGrave))
    .map(({ tool, message, isGrave }) => (
      <Notice key={tool.id} level={isGrave ? 'warn' : 'note'} title={message} testID="tool-notice" />
    ));
}
