import { act, fireEvent, screen } from '@testing-library/react-native';
import { aPerson } from '../../../tests/builders';
import { quietClient, show } from '../../../tests/show';
import { keyOf } from '../../data/keys';
import { SearchScreen } from './SearchScreen';

const mockRouter = { push: jest.fn(), back: jest.fn(), canGoBack: () => false };
jest.mock('expo-router', () => ({ useRouter: () => mockRouter }));
jest.mock('../../data/offline/QueueProvider', () => ({ useCommands: () => [] }));

const type = async (text: string) => {
  fireEvent.changeText(screen.getByLabelText('Search everything'), text);
  await act(async () => undefined);
};
const follow = async (name: string | RegExp) => {
  fireEvent.press(screen.getByRole('link', { name }));
  await act(async () => undefined);
};

it('without a server people and movements are found still, by any name a movement goes by', async () => {
  const client = quietClient();
  client.setQueryData(keyOf('listPeople'), [aPerson({ name: 'Marit Sole' })]);
  show(<SearchScreen />, { client });
  await type('m');
  expect(screen.queryByRole('link')).toBeNull();
  await type('marit');
  await follow('Marit Sole');
  expect(mockRouter.push).toHaveBeenLastCalledWith('/people/person-0001');
  await type('goblet sq');
  await follow(/^Goblet squat/);
  expect(mockRouter.push).toHaveBeenLastCalledWith('/moves/goblet-squat');
});

it('notes lead to the person, what was said about a session to its record', async () => {
  const client = quietClient();
  const text = { personId: 'person-0001', personName: 'Marit Sole', on: '2026-11-20' };
  client.setQueryData(keyOf('search', { query: { words: 'rope' } }), {
    people: [],
    movements: [{ id: 'own-1', name: 'Rope drag' }],
    texts: [
      { ...text, id: 'n', where: 'note', sessionId: null, text: 'hauls rope' },
      { ...text, id: 's', where: 'session-words', sessionId: 'session-9', text: 'rope all week' },
    ],
  });
  show(<SearchScreen />, { client });
  await type('rope');
  await follow('Marit Sole · Fri 20 Nov · note: hauls rope');
  expect(mockRouter.push).toHaveBeenLastCalledWith('/people/person-0001');
  await follow(/said after a session: rope all week$/);
  expect(mockRouter.push).toHaveBeenLastCalledWith('/sessions/session-9');
  await follow('Rope drag: your own');
  expect(mockRouter.push).toHaveBeenLastCalledWith('/moves/own/own-1');
});
