/** Stands in for the router: screens are tested one at a time. */
export const router = {
  push: jest.fn(),
  replace: jest.fn(),
  navigate: jest.fn(),
  setParams: jest.fn(),
};
export const params: Record<string, string> = {};

/** What `jest.mock('expo-router', …)` puts in its place. */
export function fakeRouter() {
  return {
    Slot: () => null,
    Link: ({ children }: { children: unknown }) => children,
    Redirect: () => null,
    useRouter: () => router,
    useLocalSearchParams: () => params,
    usePathname: () => '/',
  };
}
