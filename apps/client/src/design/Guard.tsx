import { Component, createContext, type ReactNode } from 'react';
import { Banner } from './Banner';
import { Button } from './Button';

type Anew = (anew: () => void) => () => void;

/** Calls back when there may be something else to draw, as after a fetch; answers how to stop that. */
export const AnewContext = createContext<Anew>(() => () => undefined);

/** Says what could not be drawn. */
export function FailedBanner({ what, onTry }: { what: string; onTry: () => void }) {
  return (
    <Banner
      kind="stop"
      title={`${what} cannot be shown`}
      action={<Button label="Try again" onPress={onTry} />}
    >
      Everything else goes on, and nothing that was logged is lost.
    </Banner>
  );
}

interface GuardProps {
  what: string;
  /** Another one is another thing to draw, which is tried anew. */
  at?: string;
  children: ReactNode;
}

/** Keeps what cannot be drawn from taking the rest of a screen with it, says what it was, and tries anew when it may have changed. */
export class Guard extends Component<GuardProps, { failed: boolean }> {
  static override contextType = AnewContext;
  override state = { failed: false };
  private stop: () => void = () => undefined;

  static getDerivedStateFromError() {
    return { failed: true };
  }

  override componentDidCatch() {
    this.stop();
    this.stop = (this.context as Anew)(this.anew);
  }

  override componentDidUpdate(before: GuardProps) {
    if (before.at !== this.props.at && this.state.failed) this.anew();
  }

  override componentWillUnmount() {
    this.stop();
  }

  private readonly anew = () => {
    this.stop();
    this.setState({ failed: false });
  };

  override render() {
    if (!this.state.failed) return this.props.children;
    return <FailedBanner what={this.props.what} onTry={this.anew} />;
  }
}
