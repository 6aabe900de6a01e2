import { Component, type ReactNode } from 'react';
import { PageFault } from './page-fault';

interface Props {
  readonly children: ReactNode;
}

/** The last resort round everything in the frame; pages have their own (see PageFault). */
export class ErrorBoundary extends Component<Props, { readonly fault: Error | null }> {
  override state = { fault: null };

  static getDerivedStateFromError(fault: Error) {
    return { fault };
  }

  private readonly again = () => this.setState({ fault: null });

  override render() {
    const { fault } = this.state;
    return fault ? <PageFault error={fault} retry={this.again} /> : this.props.children;
  }
}
