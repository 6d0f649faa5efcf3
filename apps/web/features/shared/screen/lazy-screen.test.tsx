import { act, fireEvent, render, screen } from '@testing-library/react-native';
import { Component, type ReactNode } from 'react';
import { Pressable, Text } from 'react-native';
import { lazyScreen } from './lazy-screen';
import { loadShared } from './load-shared';

jest.mock('./load-shared', () => ({ loadShared: jest.fn(() => Promise.resolve()) }));

function Size({ text }: { text: string }) {
  return <Text>{`Size ${text}`}</Text>;
}

/** What the router puts round a place. */
class Boundary extends Component<{ children: ReactNode }, { error: Error | undefined }> {
  override state: { error: Error | undefined } = { error: undefined };
  static getDerivedStateFromError(error: Error) {
    return { error };
  }
  override render() {
    if (!this.state.error) return this.props.children;
    return (
      <Pressable onPress={() => this.setState({ error: undefined })}>
        <Text>{this.state.error.message}</Text>
      </Pressable>
    );
  }
}

describe('a screen that comes in a file of its own', () => {
  it('waits in words, after the code that places share, and then takes what it is given', async () => {
    let come: (screen: typeof Size) => void = () => undefined;
    const Lazy = lazyScreen<{ text: string }>(() => new Promise((resolve) => (come = resolve)));
    render(<Lazy text="9" />);
    expect(screen.getByLabelText('Loading the page')).toBeTruthy();
    expect(loadShared).toHaveBeenCalledTimes(1);
    await act(async () => undefined);
    await act(async () => come(Size));
    expect(screen.getByText('Size 9')).toBeTruthy();
  });

  it('is there at once when it was opened before', async () => {
    const Lazy = lazyScreen<{ text: string }>(() => Promise.resolve(Size));
    const first = render(<Lazy text="9" />);
    await act(async () => undefined);
    first.unmount();
    render(<Lazy text="10" />);
    expect(screen.getByText('Size 10')).toBeTruthy();
  });

  it('is asked for again after a file did not come', async () => {
    const told = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    const load = jest.fn<Promise<typeof Size>, []>();
    load.mockRejectedValueOnce(new Error('offline')).mockResolvedValueOnce(Size);
    const Lazy = lazyScreen<{ text: string }>(load);
    render(
      <Boundary>
        <Lazy text="11" />
      </Boundary>,
    );
    await act(async () => undefined);
    fireEvent.press(screen.getByText(/could not be fetched: the server does not answer/));
    await act(async () => undefined);
    expect(screen.getByText('Size 11')).toBeTruthy();
    expect(load).toHaveBeenCalledTimes(2);
    told.mockRestore();
  });
});
