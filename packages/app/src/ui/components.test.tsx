import { fireEvent, screen } from '@testing-library/react-native';
import { builtInCatalogue } from '@drubo/core/catalogue';
import { reason, VERDICTS } from '@drubo/core/vocabulary';
import { aLoggedSet, aSheet } from '../../tests/builders';
import { show } from '../../tests/show';
import { SetMarks } from '../charts/SetMarks';
import { Figure } from '../figures/Figure';
import { makeFigure, skeletonAt } from '@drubo/core';
import { boundsOf } from '../figures/bounds';
import { Stepper } from './Stepper';
import { VerdictMark } from './VerdictMark';
import { WhyDot } from './Why';

describe('figures', () => {
  it.each(builtInCatalogue.variations.map((variation) => [variation.id, variation] as const))(
    '%s stays inside its frame all the way',
    (_id, variation) => {
      const figure = makeFigure(variation.figure);
      const box = boundsOf(figure);
      for (let depth = 0; depth <= 1; depth += 0.05) {
        const { head, arm, near, far } = skeletonAt(figure, depth);
        for (const { x, y } of [head, arm.hand, near.knee, near.toe, far.knee, far.toe]) {
          expect(x).toBeGreaterThan(box.minX);
          expect(x).toBeLessThan(box.maxX);
          expect(y).toBeLessThan(box.maxY);
        }
      }
      show(<Figure variation={variation} depth={0.5} width={120} height={120} />);
      expect(screen.getByLabelText(`${variation.name}, ${figure.view} view`)).toBeTruthy();
    },
  );
});

describe('small parts', () => {
  it('a stepper says its value and stops at the ends', () => {
    const up = jest.fn();
    show(<Stepper label="Reps" value="10" onDown={null} onUp={up} />);
    fireEvent.press(screen.getByLabelText('Reps: more'));
    fireEvent.press(screen.getByLabelText('Reps: less'));
    expect(up).toHaveBeenCalledTimes(1);
    expect(screen.getByLabelText('Reps: 10')).toBeTruthy();
  });

  it('every verdict is a word, not only a colour', () => {
    show(
      <>
        {VERDICTS.map((verdict) => (
          <VerdictMark key={verdict} verdict={verdict} />
        ))}
      </>,
    );
    for (const word of ['Move up', 'Same again', 'Ease back', 'Leave out']) expect(screen.getByText(word)).toBeTruthy();
  });

  it('why opens rule, inputs in the trainer’s unit, and source', () => {
    const reasons = [reason('load-first-guess', { share: 0.15, bodyMassKg: 68, guessKg: 10.2, loadKg: 10 }, 'common-practice')];
    show(<WhyDot about="load" reasons={reasons} />, { unit: 'lb' });
    fireEvent.press(screen.getByLabelText('Why: load'));
    // Source: 68 kg / 0.45359237 = 149.9 lb (1959 agreement).
    expect(screen.getByText(/0\.15 × 149\.9 lb body mass/)).toBeTruthy();
    expect(screen.getByText('Source: Common practice, no published source')).toBeTruthy();
  });

  it('planned against done is said in words too', () => {
    const { dose } = aSheet().items[0]!;
    show(<SetMarks dose={dose} sets={[aLoggedSet({ reps: 12 }), aLoggedSet({ id: 'set-0002x', reps: 7, side: 'left' })]} />);
    expect(screen.getByLabelText('Done: 12 reps, 7 reps left; top of the range 12')).toBeTruthy();
  });
});
