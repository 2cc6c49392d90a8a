import { act, fireEvent, screen } from '@testing-library/react-native';
import { EMPTY_INTAKE } from '@drubo/contracts';
import type { IntakeDto } from '@drubo/contracts';
import { HEALTH_TOPIC_LABELS } from '@drubo/words/explain';
import { HEALTH_TOPIC_IDS } from '@drubo/core/vocabulary';
import { aPersonDetail } from '../../../tests/builders';
import { show } from '../../../tests/show';
import { FourAnswers } from '../../parts/care/FourAnswers';

const mockSaveIntake = jest.fn().mockResolvedValue(true);
let mockDetail = aPersonDetail();
jest.mock('../../data/use-person', () => ({ usePerson: () => ({ data: mockDetail }) }));
jest.mock('../../data/use-person-writer', () => ({
  usePersonWriter: () => ({ problem: null, saveIntake: mockSaveIntake }),
}));

const tap = async (name: string, at = 0) => {
  fireEvent.press(screen.getAllByRole('radio', { name })[at]!);
  await act(async () => undefined);
};
const saved = () => mockSaveIntake.mock.calls.at(-1)?.[0] as Pick<IntakeDto, 'answers' | 'consentOn'>;
beforeEach(() => {
  mockDetail = aPersonDetail({ intake: EMPTY_INTAKE });
  mockSaveIntake.mockClear();
});

describe('the four answers that unlock load', () => {
  it('each is one tap, kept as it is tapped with the day they agreed', async () => {
    show(<FourAnswers personId="person-1" topics={HEALTH_TOPIC_IDS} isHeld />);
    for (const topic of HEALTH_TOPIC_IDS) expect(screen.getByText(HEALTH_TOPIC_LABELS[topic])).toBeTruthy();
    expect(screen.queryAllByRole('radio', { checked: true })).toHaveLength(0);
    await tap('Neither');
    expect(saved().answers).toEqual({ 'heart-condition': 'no', 'high-pressure': 'no' });
    expect(saved().consentOn).toMatch(/^\d{4}-\d{2}-\d{2}$/);
    await tap('Pressure');
    expect(saved().answers).toEqual({ 'heart-condition': 'no', 'high-pressure': 'yes' });
  });

  it('an answer keeps the others and the day that was agreed on before', async () => {
    const intake: IntakeDto = { ...EMPTY_INTAKE, consentOn: '2026-01-02', answers: { pregnant: 'yes', stroke: 'no' } };
    mockDetail = aPersonDetail({ intake });
    show(<FourAnswers personId="person-1" topics={HEALTH_TOPIC_IDS} isHeld={false} />);
    expect(screen.getByText(/^Still to ask · 3 open/)).toBeTruthy();
    await tap('No', 2);
    expect(saved()).toEqual({
      consentOn: '2026-01-02',
      answers: { pregnant: 'yes', stroke: 'no', 'unexplained-pain': 'no' },
    });
  });

  it('is not there once nothing is open', () => {
    show(<FourAnswers personId="person-1" topics={[]} isHeld={false} />);
    expect(screen.queryByRole('radio')).toBeNull();
  });
});
