import { stretchOf } from '@drubo/core/vocabulary';
import type { ItemId, Role } from '@drubo/core/vocabulary';
import { useCallback, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { SheetDto } from '@drubo/contracts';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';
import { blocksOf, moveTo } from '@drubo/core/composing';
import { formatTurns, STRETCH_HEADINGS } from '@drubo/words/explain';
import { withArrangement } from '@drubo/core/sheet-editing';
import type { DraftSheet } from '@drubo/core/sheet-editing';
import { SPACE } from '../../theme/tokens';
import { usePalette } from '../../theme/use-palette';
import { Stack } from '../../ui/layout';
import { Heading, Txt } from '../../ui/Txt';
import { ArrangeRow } from './ArrangeRow';
import { SheetLine } from './SheetLine';
import { sheetWords } from '@drubo/words/screens/sheet';

const words = sheetWords.sheetBody;

/** Where each line stands on the page, to know what a dragged one was dropped on. */
type Frames = Map<string, { y: number; height: number }>;

/** The stretches of a sheet with their lines; what goes in turn stands together behind one bar. */
export const SheetBody = ({
  sheet,
  content,
  isArranging,
  chosenId,
  isWide,
  onOpen,
  onChange,
}: {
  sheet: SheetDto;
  content: DraftSheet;
  isArranging: boolean;
  chosenId: string | null;
  isWide: boolean;
  onOpen: ((itemId: ItemId) => void) | null;
  onChange(next: DraftSheet, said: string): void;
}) => {
  const palette = usePalette();
  const frames = useRef<Frames>(new Map());
  const views = useRef(new Map<string, View>());
  const [dragged, setDragged] = useState<{ id: string; dy: number } | null>(null);
  const headingOf = (role: Role): string => STRETCH_HEADINGS[stretchOf(role, content.shape)];
  const measure = useCallback(() => {
    for (const [id, view] of views.current) {
      view.measureInWindow((_x, y, _width, height) => frames.current.set(id, { y, height }));
    }
  }, []);
  const drop = (id: string, dy: number) => {
    setDragged(null);
    const own = frames.current.get(id);
    if (!own || Math.abs(dy) < 8) return;
    const middle = own.y + own.height / 2 + dy;
    const [onto] = [...frames.current]
      .filter(([other]) => other !== id && content.items.some((item) => item.id === other))
      .sort(([, a], [, b]) => Math.abs(a.y + a.height / 2 - middle) - Math.abs(b.y + b.height / 2 - middle));
    if (!onto || Math.abs(dy) < own.height / 3) return;
    const name = getVariation(builtInCatalogue, content.items.find((item) => item.id === id)?.variationId ?? '').name;
    onChange(withArrangement(content, moveTo(content, id, onto[0])), words.moved(name));
  };
  return (
    <Stack gap="m" {...(isArranging ? { onLayout: measure } : {})}>
      {blocksOf(sheet).map(({ block, items }, at, all) => {
        const inTurn = block.kind === 'rounds' && items.length > 1;
        const isNewRole = all[at - 1]?.block.role !== block.role;
        return (
          <Stack key={block.id} role="group" aria-label={headingOf(block.role)} gap="s">
            {isNewRole && <Heading>{headingOf(block.role)}</Heading>}
            {inTurn && <Txt kind="label">{formatTurns(items.length, block.roundRestSeconds)}</Txt>}
            <View
              style={[
                isWide && !isArranging ? styles.wide : styles.list,
                inTurn && [styles.turns, { borderColor: palette.moss }],
              ]}
            >
              {items.map((item) => {
                const { name } = getVariation(builtInCatalogue, item.variationId);
                return (
                  <View
                    key={item.id}
                    ref={(view) => void (view ? views.current.set(item.id, view) : views.current.delete(item.id))}
                    style={[
                      isWide && !isArranging ? { width: '49%' } : undefined,
                      dragged?.id === item.id && { transform: [{ translateY: dragged.dy }], zIndex: 2, opacity: 0.85 },
                    ]}
                  >
                    <SheetLine
                      sheet={sheet}
                      item={item}
                      isChosen={chosenId === item.id}
                      isShort={isArranging}
                      onOpen={onOpen ? () => onOpen(item.id) : undefined}
                    />
                    {isArranging && (
                      <ArrangeRow
                        itemId={item.id}
                        name={name}
                        content={content}
                        onChange={onChange}
                        onDrag={(dy) => {
                          if (!dragged) measure();
                          setDragged({ id: item.id, dy });
                        }}
                        onDrop={(dy) => drop(item.id, dy)}
                      />
                    )}
                  </View>
                );
              })}
            </View>
          </Stack>
        );
      })}
    </Stack>
  );
};

const styles = StyleSheet.create({
  list: { gap: SPACE.m },
  wide: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m },
  turns: { borderLeftWidth: 4, paddingLeft: SPACE.s },
});
