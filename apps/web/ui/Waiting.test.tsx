import { fireEvent, render, screen } from '@testing-library/react-native';
import { both, Fetched, type Fetch } from './Waiting';
import { Type } from './Type';

function fetchOf<T>(change: Partial<Fetch<T>>): Fetch<T> {
  return { isError: false, refetch: jest.fn(), ...change };
}

describe('Fetched', () => {
  const show = (data: string) => <Type>{data}</Type>;

  it('waits, then shows', () => {
    const { rerender } = render(
      <Fetched from={fetchOf<string>({})} what="the log">
        {show}
      </Fetched>,
    );
    expect(screen.getByLabelText('Loading the log')).toBeTruthy();
    rerender(
      <Fetched from={fetchOf({ data: 'Five rings' })} what="the log">
        {show}
      </Fetched>,
    );
    expect(screen.getByText('Five rings')).toBeTruthy();
  });

  it('fails in words with a way to try again', () => {
    const failed = fetchOf<string>({ isError: true });
    render(
      <Fetched from={failed} what="the log">
        {show}
      </Fetched>,
    );
    expect(screen.getByText('Could not fetch the log.')).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'Try again' }));
    expect(failed.refetch).toHaveBeenCalledTimes(1);
  });

  it('goes on showing what it has when a later fetch fails', () => {
    render(
      <Fetched from={fetchOf({ data: 'Five rings', isError: true })} what="the log">
        {show}
      </Fetched>,
    );
    expect(screen.getByText('Five rings')).toBeTruthy();
  });
});

describe('both', () => {
  it('is there when both are, fails when either does, and asks for both again', () => {
    const first = fetchOf({ data: 1 });
    const second = fetchOf<number>({ isError: true });
    expect(both(first, fetchOf({ data: 2 })).data).toEqual([1, 2]);
    expect(both(first, second)).toMatchObject({ data: undefined, isError: true });
    both(first, second).refetch();
    expect(first.refetch).toHaveBeenCalled();
    expect(second.refetch).toHaveBeenCalled();
  });
});
