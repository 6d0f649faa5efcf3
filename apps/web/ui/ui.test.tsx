import { fireEvent, render, screen } from '@testing-library/react-native';
import { Button } from './Button';
import { Choices } from './Choices';
import { Field } from './Field';
import { Notice } from './Notice';
import { Sheet } from './Sheet';
import { Type } from './Type';

describe('Button', () => {
  it('is pressed when it may be, and not when it may not', () => {
    const press = jest.fn();
    const { rerender } = render(<Button label="Step done" onPress={press} />);
    fireEvent.press(screen.getByRole('button', { name: 'Step done' }));
    expect(press).toHaveBeenCalledTimes(1);
    rerender(<Button label="Step done" onPress={press} disabled />);
    fireEvent.press(screen.getByRole('button', { name: 'Step done' }));
    expect(press).toHaveBeenCalledTimes(1);
  });
});

describe('Choices', () => {
  const choices = [
    { value: 12.7, label: '12.7 mm', note: '8.8 mm wide' },
    { value: 14.3, label: '14.3 mm', note: 'not this size' },
  ];

  it('tells which is chosen and what each would give', () => {
    const change = jest.fn();
    render(<Choices label="Hole" choices={choices} value={12.7} onChange={change} />);
    const radios = screen.getAllByRole('radio');
    expect(radios.map(({ props }) => props.accessibilityState?.checked ?? props['aria-checked'])).toEqual([
      true,
      false,
    ]);
    fireEvent.press(screen.getByLabelText('14.3 mm, not this size'));
    expect(change).toHaveBeenCalledWith(14.3);
  });
});

describe('Field', () => {
  it('shows the error instead of the hint and keeps what was typed', () => {
    const { rerender } = render(<Field label="Diameter" unit="mm" value="thirty" hint="At the rim." />);
    expect(screen.getByText('At the rim.')).toBeTruthy();
    rerender(<Field label="Diameter" unit="mm" value="thirty" hint="At the rim." error="must be a length" />);
    expect(screen.getByRole('alert')).toHaveTextContent('✕ must be a length');
    expect(screen.queryByText('At the rim.')).toBeNull();
    expect(screen.getByDisplayValue('thirty')).toBeTruthy();
  });
});

describe('Notice', () => {
  it.each([
    ['good', 'Good'],
    ['warn', 'Take care'],
    ['stop', 'No'],
  ] as const)('says %s in a sign with a word', (level, word) => {
    render(<Notice level={level} title="Folds." />);
    expect(screen.getByLabelText(word)).toBeTruthy();
    expect(screen.getByText('Folds.')).toBeTruthy();
  });
});

describe('Sheet', () => {
  it('closes by its cross and by what lies behind it', () => {
    const close = jest.fn();
    render(
      <Sheet title="Why" open onClose={close}>
        <Type>Because.</Type>
      </Sheet>,
    );
    fireEvent.press(screen.getByLabelText('Close'));
    fireEvent.press(screen.getByTestId('sheet-backdrop', { includeHiddenElements: true }));
    expect(close).toHaveBeenCalledTimes(2);
  });
});
