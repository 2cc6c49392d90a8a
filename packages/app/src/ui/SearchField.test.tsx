import { act, fireEvent, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { show } from '../../tests/show';
import { readSetting, writeSetting } from '../data/settings';
import { useSetting } from '../data/use-setting';
import { SearchField } from './SearchField';
import { Txt } from './Txt';

const Searching = () => {
  const [words, setWords] = useState('');
  return <SearchField label="Search all" placeholder="Names" value={words} onChange={setWords} />;
};

it('a search field is emptied with one tap, which is there only when there is something to empty', () => {
  show(<Searching />);
  expect(screen.queryByRole('button')).toBeNull();
  fireEvent.changeText(screen.getByLabelText('Search all'), 'knee');
  expect(screen.getByDisplayValue('knee')).toBeTruthy();
  fireEvent.press(screen.getByRole('button', { name: 'Search all: clear' }));
  expect(screen.queryByDisplayValue('knee')).toBeNull();
});

const Chosen = () => <Txt>{useSetting(() => readSetting('test-choice')) ?? 'none'}</Txt>;

it('a choice of the device is drawn again wherever it was written, and no longer after its screen is gone', () => {
  const drawn = show(<Chosen />);
  expect(screen.getByText('none')).toBeTruthy();
  act(() => writeSetting('test-choice', 'on'));
  expect(screen.getByText('on')).toBeTruthy();
  act(() => writeSetting('test-choice', null));
  expect(screen.getByText('none')).toBeTruthy();
  drawn.unmount();
  expect(() => writeSetting('test-choice', 'on')).not.toThrow();
  writeSetting('test-choice', null);
});
