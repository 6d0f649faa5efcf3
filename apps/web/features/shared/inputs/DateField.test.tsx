import { fireEvent, render, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { dayFromNow } from '@/features/shared/words/wall-clock';
import { DateField } from './DateField';

const heard = jest.fn();

function Form({ first = '', mayBePast = false }: { first?: string; mayBePast?: boolean }) {
  const [value, setValue] = useState(first);
  const change = (next: string) => {
    heard(next);
    setValue(next);
  };
  return <DateField label="Wanted by" value={value} onChange={change} hint="A date" mayBePast={mayBePast} />;
}

const box = () => screen.getByLabelText('Wanted by');

describe('a day', () => {
  beforeEach(() => heard.mockClear());

  it('is told as the interface writes it, and what was typed stays as it is', () => {
    render(<Form />);
    expect(screen.getByText('A date')).toBeTruthy();
    fireEvent.changeText(box(), 'in 2 weeks');
    expect(heard).toHaveBeenLastCalledWith(dayFromNow(14));
    expect(box().props.value).toBe('in 2 weeks');
    expect(screen.queryByText('A date')).toBeNull();
  });

  it('that is none is handed on as it was typed, for the form to tell', () => {
    render(<Form />);
    fireEvent.changeText(box(), 'some day ');
    expect(heard).toHaveBeenLastCalledWith('some day');
    expect(box().props.value).toBe('some day ');
  });

  it('that is past is asked about, unless it may be', () => {
    render(<Form first="2020-02-03" />);
    expect(screen.getByText(/2020 is past\. Is it meant so\?$/)).toBeTruthy();
    screen.unmount();
    render(<Form first="2020-02-03" mayBePast />);
    expect(screen.getByText(/2020$/)).toBeTruthy();
  });

  it('that comes from elsewhere takes the place of what was typed', () => {
    const { rerender } = render(<DateField label="Wanted by" value="" onChange={heard} />);
    fireEvent.changeText(box(), 'tomorrow');
    rerender(<DateField label="Wanted by" value="2031-05-06" onChange={heard} />);
    expect(box().props.value).toBe('2031-05-06');
  });
});
