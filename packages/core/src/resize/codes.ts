export const PROFILES = ['flat', 'd', 'court'] as const;

export const RESIZE_RISKS = ['low', 'usual', 'high', 'refuse'] as const;
