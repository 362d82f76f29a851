import { Component, type ReactNode } from 'react';
import { Banner } from './Banner';
import { Button } from './Button';

/** Keeps what cannot be drawn from taking the rest of a screen with it, and says what it was. */
export class Guard extends Component<{ what: string; children: ReactNode }, { failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  override render() {
    if (!this.state.failed) return this.props.children;
    return (
      <Banner
        kind="stop"
        title={`${this.props.what} cannot be shown`}
        action={<Button label="Try again" onPress={() => this.setState({ failed: false })} />}
      >
        Everything else goes on, and nothing that was logged is lost.
      </Banner>
    );
  }
}
