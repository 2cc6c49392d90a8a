import type { WeekView } from '@drubo/core/weeks';
import { formatShortDay } from '@drubo/words/dates';
import { WEEK_KIND_LABELS } from '@drubo/words/explain';
import { weeksWords } from '@drubo/words/screens/weeks';
import type { Palette } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Icon } from '../../ui/icons/Icon';
import type { IconName } from '../../ui/icons/Icon';
import { Row, Wrap } from '../../ui/layout';
import { Txt } from '../../ui/Txt';

const words = weeksWords.week;

interface Mark {
  text: string;
  tone: keyof Palette;
  icon: IconName | null;
}

const marksOf = ({ week, awayFrom, isLost }: WeekView): Mark[] => [
  week.kind === 'lighter'
    ? { text: WEEK_KIND_LABELS.lighter, tone: 'saffron', icon: 'down' }
    : { text: WEEK_KIND_LABELS.loading, tone: 'quiet', icon: null },
  ...(isLost ? [{ text: words.layOff, tone: 'clay', icon: 'warning' } as const] : []),
  ...(awayFrom === null
    ? []
    : [{ text: words.away(formatShortDay(awayFrom), formatShortDay(week.start - 1)), tone: 'saffron', icon: 'pause' } as const]),
];

/** What is to be known of a week at a glance, each by a word and a mark: loading or lighter, time away before it, nothing trained. */
export const WeekMarks = ({ view, centred = false }: { view: WeekView; centred?: boolean }) => {
  const palette = usePalette();
  return (
    <Wrap gap="s" align="center" style={centred && { justifyContent: 'center' }}>
      {marksOf(view).map(({ text, tone, icon }) => (
        <Row key={text} gap="xs" style={{ flexShrink: 1 }}>
          {icon && <Icon name={icon} size={16} color={palette[tone]} />}
          <Txt kind="small" tone={tone} style={{ flexShrink: 1 }}>
            {text}
          </Txt>
        </Row>
      ))}
    </Wrap>
  );
};
