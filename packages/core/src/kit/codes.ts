/** What can be wrong with a tool. */
export const TOOL_FAULTS = ['dented', 'chipped', 'grooved', 'rusty', 'spring-off', 'worn-spline'] as const;
export type ToolFault = (typeof TOOL_FAULTS)[number];
