/** What the cache is told by: whatever a write touches is fetched anew. */
export const TAG_TYPES = [
  ...(['Stock', 'Kit', 'DieChart', 'Ring', 'Log', 'Settings', 'Device', 'Learnt', 'Recipe'] as const),
  ...(['Photo', 'Access', 'Backup'] as const),
  // Of what happens around the bench.
  ...(['Person', 'Order', 'ShelfRing', 'Discount', 'Sizer', 'Scrap', 'Supply', 'Spot', 'Message'] as const),
  ...(['DayPlan', 'Shop'] as const),
] as const;
