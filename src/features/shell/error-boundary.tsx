import { Component, type ReactNode } from 'react';
import { View } from 'react-native';
import { store, keeper } from './app-instance';
import { lastEntry } from './last-entry';
import { saveJournalFile } from '../data/save-journal';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';

interface Props {
  readonly children: ReactNode;
  /** Changes when another page is shown: the boundary tries again then. */
  readonly place: string;
}

interface State {
  readonly fault: Error | null;
  readonly place: string;
}

/** Whether a part of the app could not be fetched: an update replaced it, or there is no network yet. */
const isMissingPart = (fault: Error) => /load|fetch|import|chunk|module/i.test(fault.message);

/** Keeps the frame, the export and the undo in reach when a page fails. */
export class ErrorBoundary extends Component<Props, State> {
  override state: State = { fault: null, place: this.props.place };

  static getDerivedStateFromError(fault: Error): Partial<State> {
    return { fault };
  }

  static getDerivedStateFromProps(props: Props, state: State): Partial<State> | null {
    return props.place === state.place ? null : { fault: null, place: props.place };
  }

  private again = () => this.setState({ fault: null });

  private undo = () => {
    const last = lastEntry(store.getState().journal.journal);
    if (last) keeper.write({ kind: 'undone', targetId: last.id });
    this.again();
  };

  override render() {
    const { fault } = this.state;
    if (!fault) return this.props.children;
    const missing = isMissingPart(fault);
    return (
      <View role="main" style={{ flex: 1, padding: 24, gap: gap.large, maxWidth: 640 }}>
        <Text as="title" level={1}>{missing ? 'A part of Yuzet did not load' : 'This page stumbled'}</Text>
        <Note tone="danger">
          {missing
            ? 'Perhaps a new version has replaced it, or there is no network. Reloading fetches what is there now. Your journal is safe.'
            : `Your journal is safe. Take back the last entry if it brought this about, or save the journal to a file. (${fault.message.slice(0, 160)})`}
        </Note>
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
          <InkButton label="Reload" onPress={() => window.location.reload()} />
          <InkButton quiet label="Try this page again" onPress={this.again} />
          {missing ? null : <InkButton quiet label="Undo the last entry" onPress={this.undo} />}
          <InkButton quiet label="Save the journal to a file" onPress={() => saveJournalFile(store.getState().journal)} />
        </View>
      </View>
    );
  }
} // prettier-ignore
