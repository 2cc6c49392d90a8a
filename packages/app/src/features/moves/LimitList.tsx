import { LIMIT_RULES, limitOn } from '@drubo/core/limits';
import { getVariation } from '@drubo/core/catalogue';
import type { Catalogue, Variation } from '@drubo/core/catalogue';
import { explain, explainBasis, LIMIT_LABELS } from '@drubo/words/explain';
import { DERIVED_LIMITS, LIMITS } from '@drubo/core/vocabulary';
import { Card } from '../../ui/Card';
import { Stack } from '../../ui/layout';
import { TitledList } from '../../ui/TitledList';
import { Heading, Txt } from '../../ui/Txt';
import { LimitMark } from '../../parts/moves/LimitMark';
import { ToMove } from './Neighbours';
import { movesWords } from '@drubo/words/screens/moves';

const words = movesWords.limitList;

/** Sore enough that the table locks what it lists. */
const SORE = 4;

/** Who shouldn't, who should take care, and what must be earned first. */
export const LimitList = ({ variation, catalogue }: { variation: Variation; catalogue: Catalogue }) => {
  const nameOf = (id: string) => getVariation(catalogue, id).name;
  const answers = LIMITS.filter((limit) => !DERIVED_LIMITS.some((hold) => hold === limit)).map((limit) => {
    const isGraded = LIMIT_RULES.find(({ id }) => id === limit)?.graded ?? false;
    return { limit, ...limitOn(variation, [{ limit, severity: isGraded ? SORE : null }]) };
  });
  const inState = (state: string) => answers.filter((answer) => answer.state === state);
  return (
    <Card>
      <Heading>{words.whoShouldntWhoWith}</Heading>
      {[...inState('locked'), ...inState('restricted')].map(({ limit, state, reasons }) => (
        <Stack key={limit} gap="xs">
          {reasons.map((reason, at) => (
            <LimitMark
              key={`${limit}-${at}`}
              state={state === 'locked' ? 'locked' : 'restricted'}
              text={explain(reason, { unit: 'kg', nameOf }).text}
            />
          ))}
        </Stack>
      ))}
      {inState('favoured').length > 0 && (
        <LimitMark
          state="favoured"
          text={words.suits(
            inState(words.favoured)
              .map(({ limit }) => LIMIT_LABELS[limit])
              .join(', '),
          )}
        />
      )}
      {answers.every(({ state }) => state === 'open') && <Txt tone="quiet">{words.noLimitInThe}</Txt>}
      <Txt kind="small" tone="quiet">
        {words.sourceCautionsNotA(explainBasis('common-practice'))}
      </Txt>
      {variation.prerequisites.length > 0 && (
        <TitledList small title={words.earnedFirst}>
          {variation.prerequisites.map((id) => (
            <ToMove key={id} href={`/moves/${id}`} name={nameOf(id)} />
          ))}
        </TitledList>
      )}
    </Card>
  );
};
