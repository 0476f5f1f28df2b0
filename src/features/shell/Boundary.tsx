'use client';
import Link from 'next/link';
import { Component, type ReactNode } from 'react';
import { Button, buttonLook } from '@/ui/Button';

interface Props {
  /** What stands inside, as the middle of a sentence: “the Spot station”. */
  what: string;
  /** When this changes it is tried again. */
  resetOn: unknown;
  children: ReactNode;
  /** Small, in the place of one pot among others; or nothing at all, where nothing is missed. */
  small?: boolean;
  silent?: boolean;
}

/** A part of the application that did not come: its file is gone after a new release, or the signal was. */
const didNotLoad = (error: Error): boolean => error.name === 'ChunkLoadError';

interface State {
  error: Error | null;
  of: unknown;
}

/** What breaks inside stays inside: it is said, what was made is kept, and the rest goes on. */
export class Boundary extends Component<Props, State> {
  override state: State = { error: null, of: this.props.resetOn };

  static getDerivedStateFromError(error: unknown): Partial<State> {
    return { error: error instanceof Error ? error : new Error(String(error)) };
  }

  static getDerivedStateFromProps({ resetOn }: Props, { of }: State): Partial<State> | null {
    return resetOn === of ? null : { error: null, of: resetOn };
  }

  override render(): ReactNode {
    const { error } = this.state;
    const { what, small, silent, children } = this.props;
    if (!error) return children;
    if (silent) return null;
    const missing = didNotLoad(error);
    return (
      <div
        role="alert"
        className={`flex flex-col items-start gap-2 border-l-4 border-wrong ${small ? 'm-2 pl-2' : 'm-6 pl-4'}`}
      >
        <p>
          {what[0]?.toUpperCase()}
          Could not show {what.slice(1)}. Your work is saved.
        </p>
        <p className="text-[0.88rem] text-quiet">
          {missing ? 'Part of Rillbank did not load. There may be a new version: reload the page.' : error.message}
        </p>
        <div className="flex gap-2">
          {missing ? (
            <Button onClick={() => window.location.reload()}>Reload</Button>
          ) : (
            <Button onClick={() => this.setState({ error: null })}>Try again</Button>
          )}
          {!small && (
            <Link href="/" className={buttonLook('plain')}>
              Back to the bench
            </Link>
          )}
        </div>
      </div>
    );
  }
}
