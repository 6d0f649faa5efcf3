import { fireEvent, render, screen } from '@testing-library/react-native';
import { writeSize } from '@round-mint/core/size';
import { SizeInput } from './SizeInput';

const shared = {
  label: 'Target size',
  system: 'us',
  note: '',
  write: (mm: number) => writeSize(mm, 'us'),
} as const;

describe('SizeInput', () => {
  it('steps by the marks of the maker’s system', () => {
    const change = jest.fn();
    render(<SizeInput {...shared} text="US 10" targetMm={19.7612} problem={undefined} onChange={change} />);
    fireEvent.press(screen.getByLabelText('Target size: one mark larger'));
    fireEvent.press(screen.getByLabelText('Target size: one mark smaller'));
    expect(change.mock.calls).toEqual([['US 10¼'], ['US 9¾']]);
  });

  it('shows what is wrong beside what was typed, and cannot step from nothing', () => {
    const change = jest.fn();
    render(
      <SizeInput {...shared} text="P+2" targetMm={undefined} problem="Only Z goes on." onChange={change} />,
    );
    expect(screen.getByRole('alert')).toHaveTextContent('✕ Only Z goes on.');
    expect(screen.getByDisplayValue('P+2')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Target size: one mark larger'));
    expect(change).not.toHaveBeenCalled();
  });
});
