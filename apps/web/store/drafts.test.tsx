import { act, renderHook } from '@testing-library/react-native';
import { withBrowserStorage } from '@/testing/fake-storage';
import { hasDraft, likeStart, readDraft } from './drafts';
import { createStore } from './store';
import { planDraftSlice } from '@/features/plan/draft/plan-draft-slice';
import { useDraft } from './use-draft';
import { useFormDraft } from './use-form-draft';

withBrowserStorage();

describe('a form in the making', () => {
  const Thing = { version: 3 };
  const open = (thing?: typeof Thing) =>
    renderHook(() => useFormDraft('tool/7', { name: '', sizes: '' }, thing)).result;

  it('goes on, with the thing as it was when its change began', () => {
    const first = open(Thing);
    act(() => first.current.type({ name: 'Half' }));
    // Meanwhile another device has changed it.
    const again = open({ version: 4 });
    expect(again.current.texts).toEqual({ name: 'Half', sizes: '' });
    expect(again.current.base).toEqual({ version: 3 });
    act(() => again.current.line.onStartOver());
    expect(again.current.texts.name).toBe('');
    expect(open().current.base).toBeUndefined();
  });

  it('is let go of once it is saved', () => {
    const first = open();
    act(() => first.current.type({ name: 'Whole' }));
    act(() => first.current.forget());
    expect(open().current.texts.name).toBe('');
  });
});

describe('a draft', () => {
  it('is kept from the first change on, and read when the form is opened again', () => {
    const first = renderHook(() => useDraft('test', { text: '', sizes: [1] }));
    expect(hasDraft('test')).toBe(false);
    act(() => first.result.current.change((before) => ({ ...before, text: 'Half a' })));
    first.unmount();
    const again = renderHook(() => useDraft('test', { text: '', sizes: [1] }));
    expect(again.result.current.draft).toEqual({ text: 'Half a', sizes: [1] });
    act(() => again.result.current.forget());
    expect(hasDraft('test')).toBe(false);
  });

  it('is begun anew when the maker says so', () => {
    const { result } = renderHook(() => useDraft('test', { text: 'start' }));
    act(() => result.current.change({ text: 'typed' }));
    act(() => result.current.startOver());
    expect(result.current.draft).toEqual({ text: 'start' });
    expect(hasDraft('test')).toBe(false);
  });

  it('takes of what was kept what still has the same shape', () => {
    const start = { text: '', count: 1, nested: { on: false }, list: [] as number[], none: null };
    expect(
      likeStart(start, { text: 'x', count: 'two', nested: { on: true, old: 1 }, list: [3], none: 4, old: 1 }),
    ).toEqual({ text: 'x', count: 1, nested: { on: true }, list: [3], none: 4 });
    expect(likeStart(start, 'nonsense')).toEqual(start);
    localStorage.setItem('draft:broken', '{');
    expect(readDraft('broken', start)).toEqual(start);
  });

  it('of a place is there when the page is opened again', async () => {
    const store = createStore({ withDrafts: true });
    store.dispatch(planDraftSlice.actions.sizeTyped('UK P'));
    await new Promise((resolve) => setTimeout(resolve, 400));
    expect(createStore({ withDrafts: true }).getState().planDraft.sizeText).toBe('UK P');
    expect(createStore().getState().planDraft.sizeText).not.toBe('UK P');
  });
});
