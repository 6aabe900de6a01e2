import { Component, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Note } from './note';
import { t } from '@/core/language/t';

interface Props {
  readonly children: ReactNode;
}

/** Round what stands outside the page's own frame, such as a sheet: a fault in it is said there, and the page stays. */
export class Guarded extends Component<Props, { readonly failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  override render() {
    if (!this.state.failed) return this.props.children;
    return (
      <View style={styles.foot}>
        <Note tone="caution">{t`This could not be shown. What was recorded is kept; the page is as it was.`}</Note>
      </View>
    );
  }
}

const styles = StyleSheet.create({ foot: { position: 'absolute', left: 16, right: 16, bottom: 96 } });
