import { useState } from 'react';
import { StyleSheet, TextInput } from 'react-native';
import { FONTS, RADIUS, SPACE, TARGET } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { Icon } from './icons/Icon';
import { IconButton } from './IconButton';
import { Row } from './layout';
import { uiWords } from '@drubo/words/screens/ui';

const words = uiWords.searchField;

/** A field to look something up in, with one tap to empty it. `label` is its name for screen readers. */
export const SearchField = ({
  label,
  placeholder,
  value,
  onChange,
  autoFocus = false,
}: {
  label: string;
  placeholder: string;
  value: string;
  onChange(value: string): void;
  autoFocus?: boolean;
}) => {
  const palette = usePalette();
  const [isFocused, setFocused] = useState(false);
  return (
    // The whole field shows the focus, not the bare text between its signs.
    <Row
      gap="s"
      style={[
        styles.field,
        { backgroundColor: palette.card, borderColor: isFocused ? palette.moss : palette.edge },
        isFocused && { boxShadow: `0 0 0 2px ${palette.moss}` },
      ]}
    >
      <Icon name="search" color={palette.quiet} />
      <TextInput
        aria-label={label}
        placeholder={placeholder}
        placeholderTextColor={palette.quiet}
        inputMode="search"
        value={value}
        onChangeText={onChange}
        autoFocus={autoFocus}
        autoCapitalize="none"
        onFocus={() => setFocused(true)}
        onBlur={() => setFocused(false)}
        style={[styles.input, { color: palette.ink, outlineWidth: 0 }]}
      />
      {value !== '' && <IconButton icon="close" says={words.clear(label)} onPress={() => onChange('')} />}
    </Row>
  );
};

const styles = StyleSheet.create({
  field: { minHeight: TARGET.usual + 2, paddingLeft: SPACE.m, borderWidth: 1, borderRadius: RADIUS },
  // A browser gives a field a width of its own, which a narrow row has to be able to take back.
  input: { flexGrow: 1, flexShrink: 1, minWidth: 0, minHeight: TARGET.usual, fontFamily: FONTS.text, fontSize: 16 },
});
