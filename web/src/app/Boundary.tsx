import { Component, type ReactNode } from 'react';
import { words } from '../words/words.ts';

interface State {
  readonly failed: boolean;
}

/** Keeps one broken page from taking the rest with it. */
export class Boundary extends Component<{ children: ReactNode }, State> {
  override state: State = { failed: false };

  static getDerivedStateFromError(): State {
    return { failed: true };
  }

  override render(): ReactNode {
    if (!this.state.failed) return this.props.children;
    return (
      <main className="max-w-xl p-6">
        <h1 className="text-2xl">{words('app.broke')}</h1>
        <p className="my-3">{words('app.brokeMore')}</p>
        <a className="btn" href="/">
          {words('nav.meals')}
        </a>
      </main>
    );
  }
}
