import { Component, type ReactNode } from 'react';
import { Link, useLocation } from 'react-router';
import { words } from '../words/words.ts';

/** Keeps one broken page from taking the rest with it; the next visit begins anew. */
export function Boundary({ children }: { children: ReactNode }) {
  const { key } = useLocation();
  return <Caught visit={key}>{children}</Caught>;
}

interface Props {
  readonly children: ReactNode;
  /** Which visit of a page it is: another for each way to one. */
  readonly visit: string;
}

interface State {
  readonly failed: boolean;
  readonly visit: string;
}

class Caught extends Component<Props, State> {
  override state: State = { failed: false, visit: this.props.visit };

  static getDerivedStateFromError(): Partial<State> {
    return { failed: true };
  }

  static getDerivedStateFromProps({ visit }: Props, state: State): State | null {
    return visit === state.visit ? null : { failed: false, visit };
  }

  override render(): ReactNode {
    if (!this.state.failed) return this.props.children;
    return (
      <main className="max-w-xl p-6">
        <h1 className="text-2xl">{words('app.broke')}</h1>
        <p className="my-3">{words('app.brokeMore')}</p>
        <Link className="btn" to="/">
          {words('nav.meals')}
        </Link>
      </main>
    );
  }
}
