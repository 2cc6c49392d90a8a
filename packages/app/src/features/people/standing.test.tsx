import { fireEvent, screen } from '@testing-library/react-native';
import { show } from '../../../tests/show';
import { SchoolFields } from './SchoolFields';
import { StandingsCard } from './StandingsCard';

jest.mock('expo-router', () => ({ useRouter: () => ({ push: jest.fn() }) }));

const target = { sets: 3, reps: 10, seconds: null, loadKg: 30, sessions: 2 };
const standing = { ladderId: 'two-leg-squat', rungId: 'goblet', variationId: 'goblet-squat', values: {}, target };

it('says the stage, what earns the next, and how much of it was shown', () => {
  const evidence = [
    { sessionId: 'session-01', day: 1, sets: 2, isMet: false },
    { sessionId: 'session-02', day: 4, sets: 3, isMet: true },
  ];
  const drawn = show(<StandingsCard personId="person-0001" standings={[{ ...standing, evidence }]} />);
  expect(screen.getByText('Goblet squat · stage 4 of 8')).toBeTruthy();
  expect(screen.getByText(/3 × 10 clean at 30 kg in 2 sessions earns the next: 1 shown\.$/)).toBeTruthy();
  drawn.again(<StandingsCard personId="person-0001" standings={[{ ...standing, evidence: evidence.slice(0, 1) }]} />);
  expect(screen.getByText(/0 shown\. Last time 2 of 3 sets\.$/)).toBeTruthy();
  drawn.again(<StandingsCard personId="person-0001" standings={[{ ...standing, target: null, evidence: [] }]} />);
  expect(screen.getByText(/nothing has to be earned/)).toBeTruthy();
});

it('schools are folded away, say how many were chosen, and change one answer at a time', () => {
  const onChange = jest.fn();
  show(<SchoolFields value={{ knees: 'limited' }} onChange={onChange} />);
  expect(screen.getByText(/1 chosen for this person/)).toBeTruthy();
  fireEvent.press(screen.getByRole('button', { name: 'Choose for this person' }));
  fireEvent.press(screen.getByRole('radio', { name: 'Two for two' }));
  expect(onChange).toHaveBeenCalledWith({ knees: 'limited', progress: 'two-for-two' });
});
