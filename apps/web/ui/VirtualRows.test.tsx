import { fireEvent, render, screen } from '@testing-library/react-native';
import { Type } from './Type';
import { VirtualRows } from './VirtualRows';

const ROWS = ['Tern', 'Anchor', 'Ferry'];

function show(more?: () => void, readingOn = false) {
  const drawn = jest.fn();
  render(
    <VirtualRows
      label="Names"
      items={ROWS}
      keyOf={(name) => name}
      rowPx={40}
      from={{ more, readingOn, isError: false }}
      onDrawn={drawn}
      renderRow={(name) => <Type>{name}</Type>}
    />,
  );
  return drawn;
}

describe('VirtualRows', () => {
  it('is a list of its rows, and tells which are drawn', () => {
    const drawn = show();
    expect(screen.getByLabelText('Names').props.role).toBe('list');
    expect(ROWS.every((name) => screen.getByText(name))).toBe(true);
    expect(drawn).toHaveBeenCalledWith(0, 2);
    expect(screen.queryByText('Show more')).toBeNull();
  });

  it('goes on by a press, not twice at once', () => {
    const more = jest.fn();
    show(more);
    fireEvent.press(screen.getByText('Show more'));
    expect(more).toHaveBeenCalledTimes(1);
  });

  it('says that it reads on', () => {
    const more = jest.fn();
    show(more, true);
    fireEvent.press(screen.getByText('Reading on …'));
    expect(more).not.toHaveBeenCalled();
  });
});
