import craft from '@docs/craft.md';
import { fireEvent, screen } from '@testing-library/react-native';
import { Text } from 'react-native';
import { renderWithStore } from '@/testing/render';
import { Explained } from './Explained';
import { entryOf, GLOSSARY } from './glossary';
import { CAUTIONS, STEP_SECTIONS, SYMPTOM_SECTIONS, TROUBLES, WORK_SECTIONS } from './sections';
import { SPECIAL_WORDS, specialWordsIn } from './special-words';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

describe('the words', () => {
  it('have a meaning each, and none stands twice', () => {
    expect(GLOSSARY.length).toBeGreaterThan(50);
    for (const { words, meaning } of GLOSSARY) {
      expect(words.every(Boolean)).toBe(true);
      expect(meaning.length).toBeGreaterThan(8);
    }
    const all = GLOSSARY.flatMap(({ words }) => words.map((word) => word.toLowerCase()));
    expect(new Set(all).size).toBe(all.length);
  });

  it('are known by each of their names, in any letters', () => {
    expect(entryOf('Turning in')).toBe(entryOf('curl'));
    expect(entryOf('curl')?.meaning).toContain('edges turned in');
    expect(entryOf('no such word')).toBeUndefined();
  });

  it.each(SPECIAL_WORDS)('%s, which is explained within texts, is one of them', (word) => {
    expect(entryOf(word)?.meaning).toMatch(/\S/);
  });
});

describe('sections that the app leads to', () => {
  it.each(
    [
      CAUTIONS,
      TROUBLES,
      ...[STEP_SECTIONS, SYMPTOM_SECTIONS, WORK_SECTIONS].flatMap((record) => Object.values(record)),
    ].filter((id, i, all) => all.indexOf(id) === i),
  )('%s is in the handbook', (id) => {
    expect(craft.sections.filter((section) => section.id === id)).toHaveLength(1);
  });
});

describe('special words within a text', () => {
  it('are apart where they first stand, also as several and at the beginning', () => {
    expect(specialWordsIn('Rim edges thicken; the lip of the rim edge is trimmed.')).toEqual([
      { word: 'rim edge', text: 'Rim edges' },
      ' thicken; the ',
      { word: 'lip', text: 'lip' },
      ' of the rim edge is trimmed.',
    ]);
  });

  it('are not found inside other words', () => {
    expect(specialWordsIn('An island that slips, clipped.')).toEqual(['An island that slips, clipped.']);
    expect(specialWordsIn('')).toEqual([]);
  });

  it('tell what they mean when they are tapped', () => {
    renderWithStore(
      <Text>
        <Explained>Stop at the reveal that was planned.</Explained>
      </Text>,
    );
    expect(screen.queryByText(/witness lines of a pusher/)).toBeNull();
    fireEvent.press(screen.getByRole('button', { name: 'reveal: what is it?' }));
    expect(screen.getByText(/witness lines of a pusher/)).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'Close' }));
    expect(screen.queryByText(/witness lines of a pusher/)).toBeNull();
  });
});
