import type { CareDto } from '@drubo/contracts';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { CAUTION_LABELS, PERSON_STATE_LABELS } from '@drubo/words/explain';
import { Card } from '../../ui/Card';
import { Row } from '../../ui/layout';
import { Txt } from '../../ui/Txt';
import { WhyDot } from '../../ui/Why';
import { STATE_EDGE } from '../../parts/care/state-words';
import { sheetWords } from '@drubo/words/screens/sheet';

const words = sheetWords.careStrip;

/** What holds the person back today and what to keep in mind; nothing where nothing is known. `onSheet`: movements the sheet holds. */
export const CareStrip = ({ care, onSheet }: { care: CareDto; onSheet: readonly string[] }) => {
  const drills = care.drills
    .filter((id) => !onSheet.includes(id))
    .flatMap((id) => findVariation(builtInCatalogue, id)?.name ?? []);
  if (care.state === 'train' && care.cautions.length === 0 && drills.length === 0) return null;
  return (
    <Card edge={STATE_EDGE[care.state]}>
      <Row gap="s">
        <Txt kind="bold" style={{ flexGrow: 1, flexShrink: 1 }}>
          {PERSON_STATE_LABELS[care.state]}
        </Txt>
        {care.reasons.length > 0 && <WhyDot about={PERSON_STATE_LABELS[care.state]} reasons={care.reasons} />}
      </Row>
      {care.cautions.map((caution) => (
        <Txt key={caution} kind="small">
          {CAUTION_LABELS[caution]}
        </Txt>
      ))}
      {drills.length > 0 && <Txt kind="small">{words.beforeTheFirstSet(drills.join(', '))}</Txt>}
    </Card>
  );
};
