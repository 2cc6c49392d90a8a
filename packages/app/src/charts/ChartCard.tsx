import { useState } from 'react';
import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { copyText } from '../data/copy-text';
import { SPACE } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Button } from '../ui/Button';
import { Card } from '../ui/Card';
import { Row, Stack } from '../ui/layout';
import { Heading, Txt } from '../ui/Txt';
import { chartsWords } from '@drubo/words/screens/charts';

const words = chartsWords.chartCard;

/** The numbers behind a chart. */
export interface ChartTable {
  head: readonly string[];
  rows: readonly (readonly string[])[];
}

const asText = ({ head, rows }: ChartTable): string => [head, ...rows].map((cells) => cells.join('\t')).join('\n');

/** A chart with its title, how to read it, and the table behind it for screen readers and for copying. */
export const ChartCard = ({
  title,
  note,
  table,
  legend,
  beside,
  children,
}: {
  title: string;
  note?: string | undefined;
  table: ChartTable;
  /** What each line or colour is, in words and marks. */
  legend?: string | undefined;
  beside?: ReactNode;
  children(width: number): ReactNode;
}) => {
  const [width, setWidth] = useState(0);
  const [isTable, setTable] = useState(false);
  return (
    <Card>
      <Row gap="xs">
        <Heading level={2} style={styles.grow}>
          {title}
        </Heading>
        {beside}
        <Button
          look="quiet"
          label={isTable ? words.chart : words.table}
          says={words.showThe(title, isTable)}
          onPress={() => setTable(!isTable)}
        />
      </Row>
      {note ? (
        <Txt kind="small" tone="quiet">
          {note}
        </Txt>
      ) : null}
      <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
        {isTable ? <Table title={title} table={table} /> : width > 0 ? children(width) : null}
      </View>
      {legend && !isTable ? <Txt kind="small">{legend}</Txt> : null}
    </Card>
  );
};

const Table = ({ title, table }: { title: string; table: ChartTable }) => {
  const palette = usePalette();
  const cell = (text: string, at: number, isHead: boolean) => (
    <View key={at} role={isHead ? 'columnheader' : 'cell'} style={styles.cell}>
      <Txt kind={isHead ? 'label' : 'small'}>{text}</Txt>
    </View>
  );
  return (
    <Stack gap="s">
      {/* Wider than a phone: the keyboard must be able to scroll it too. */}
      <ScrollView horizontal tabIndex={0} role="group" aria-label={words.scrollsSideways(title)}>
        <View role="table" aria-label={title}>
          <Row role="row" align="stretch" style={[styles.row, { borderColor: palette.edge }]}>
            {table.head.map((text, at) => cell(text, at, true))}
          </Row>
          {table.rows.map((cells, row) => (
            <Row key={row} role="row" align="stretch" style={[styles.row, { borderColor: palette.hairline }]}>
              {cells.map((text, at) => cell(text, at, false))}
            </Row>
          ))}
        </View>
      </ScrollView>
      <Button look="quiet" label={words.copyTheTable} onPress={() => void copyText(asText(table))} />
    </Stack>
  );
};

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexShrink: 1 },
  row: { borderBottomWidth: 1 },
  cell: { width: 104, paddingVertical: SPACE.xs, paddingRight: SPACE.s },
});
