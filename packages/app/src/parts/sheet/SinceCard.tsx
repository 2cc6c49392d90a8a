import type { SheetDto, SinceDto } from '@drubo/contracts';
import { builtInCatalogue, findVariation } from '@drubo/core/catalogue';
import { formatLoad, formatSets } from '@drubo/words/explain';
import { Button } from '../../ui/Button';
import { Card } from '../../ui/Card';
import { Choices } from '../../ui/Choices';
import { Row, Stack } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { useExplain, WhyDot } from '../../ui/Why';
import { partsSheetWords } from '@drubo/words/screens/parts-sheet';

const words = partsSheetWords.sinceCard;

type Shape = SinceDto['before'];

const nameOf = ({ variationId }: Shape): string => findVariation(builtInCatalogue, variationId)?.name ?? variationId;

const inShort = (shape: Shape): string => {
  const stance = findVariation(builtInCatalogue, shape.variationId)?.stance ?? 'two-leg';
  return `${nameOf(shape)}, ${formatSets(shape.dose, stance)} · ${formatLoad(shape.dose.load)}`;
};

interface SinceCardProps {
  sheet: SheetDto;
  /** Which of the changes are taken; safety needs no taking. */
  taken: readonly string[];
  onTaken(taken: readonly string[]): void;
}

/**
 * What changed since the sheet was agreed. Safety applies by itself and says so; the rest stands as agreed unless it is
 * taken.
 */
export const SinceCard = ({ sheet, taken, onTaken }: SinceCardProps) => {
  const { since = [] } = sheet;
  if (since.length === 0) return null;
  const open = since.filter(({ id, isSafety }) => !isSafety && !taken.includes(id)).map(({ id }) => id);
  return (
    <Card edge={since.some(({ isSafety }) => isSafety) ? 'clay' : 'saffron'}>
      <Heading>{words.changedSinceItWas}</Heading>
      <Stack role="list" aria-label={words.changesSinceTheSheet} gap="m">
        {since.map((change) => (
          <SinceLine
            key={change.id}
            change={change}
            isTaken={taken.includes(change.id)}
            onTake={(isTaken) => onTaken([...taken.filter((id) => id !== change.id), ...(isTaken ? [change.id] : [])])}
          />
        ))}
      </Stack>
      {open.length > 1 && <Button label={words.takeAll(open.length)} onPress={() => onTaken([...taken, ...open])} />}
    </Card>
  );
};

const SinceLine = ({ change, isTaken, onTake }: { change: SinceDto; isTaken: boolean; onTake(isTaken: boolean): void }) => {
  const explain = useExplain();
  const { before, after, isSafety, reasons } = change;
  const [first] = explain(reasons);
  return (
    <Stack role="listitem" gap="xs">
      <Row gap="s">
        <Txt kind="bold" style={{ flexGrow: 1, flexShrink: 1 }}>
          {nameOf(before)}
        </Txt>
        {reasons.length > 0 && <WhyDot about={words.whatChangedAbout(nameOf(before))} reasons={reasons} />}
      </Row>
      {first ? <Txt kind="small">{first.text}</Txt> : null}
      <Txt kind="small" tone="quiet">
        {words.agreed(inShort(before))}
      </Txt>
      <Txt kind="small">{after ? words.now(inShort(after)) : words.nowItLeavesThe}</Txt>
      {isSafety ? (
        <Txt kind="small" tone="clay">
          {words.forSafetyHoldsFrom}
        </Txt>
      ) : (
        <Choices
          label={words.atTheStart(nameOf(before))}
          options={[
            { value: 'agreed', label: words.asAgreed },
            { value: 'now', label: words.takeTheChange },
          ]}
          value={isTaken ? 'now' : 'agreed'}
          onChange={(value) => onTake(value === 'now')}
        />
      )}
    </Stack>
  );
};
