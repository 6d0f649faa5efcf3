/** Waits until something holds that comes about by itself. @throws when it does not within five seconds */
export async function until(holds: () => boolean): Promise<void> {
  for (let i = 0; i < 500 && !holds(); i++) await new Promise((resolve) => setTimeout(resolve, 10));
  expect(holds()).toBe(true);
}
