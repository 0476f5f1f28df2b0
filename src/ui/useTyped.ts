'use client';
import { useEffect, useId, useRef, useState, type ComponentProps } from 'react';

/** A text understood, with what had to be done to it; or what to write instead. */
export type Understood<T> = { ok: true; value: T; said?: string } | { ok: false; say: string };

interface Typed<T> {
  /** What the text is kept under through a reload, with the page. */
  name: string;
  /** How the value is written while nobody types. */
  shown: string;
  read: (text: string) => Understood<T>;
  keep: (value: T) => void;
}

interface Typing {
  field: Pick<
    ComponentProps<'input'>,
    'id' | 'value' | 'onChange' | 'onBlur' | 'onKeyDown' | 'aria-invalid' | 'aria-describedby'
  > & { ref: React.RefObject<HTMLInputElement | null> };
  /** What is wrong with the text, told once it is left. */
  problem: string | null;
  /** What was done to the last text that was kept: “Most is 200 cm.” */
  said: string | null;
}

const draftKey = (name: string): string => `typed:${window.location.pathname}:${name}`;

function draftOf(name: string): string | null {
  try {
    return window.sessionStorage.getItem(draftKey(name));
  } catch {
    return null;
  }
}

function keepDraft(name: string, text: string | null): void {
  try {
    if (text === null) window.sessionStorage.removeItem(draftKey(name));
    else window.sessionStorage.setItem(draftKey(name), text);
  } catch {
    // Without storage a text that was not left is lost in a reload, and only that.
  }
}

/**
 * A text field is one edit, when it is left or entered: nothing is made of half a number. What cannot be understood
 * stays as it was typed, with what to write instead; Escape takes it back; a reload keeps it.
 */
export function useTyped<T>({ name, shown, read, keep }: Typed<T>): Typing {
  const id = useId();
  const ref = useRef<HTMLInputElement>(null);
  const [text, setText] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  useEffect(() => {
    const draft = draftOf(name);
    // eslint-disable-next-line react-hooks/set-state-in-effect -- what the browser kept is only known on the page
    if (draft !== null) setText(draft);
    // A reload does not come by here: only a field that is taken away forgets.
    return () => keepDraft(name, null);
  }, [name]);
  // A form with a text that was not understood is not sent.
  useEffect(() => ref.current?.setCustomValidity(problem ?? ''), [problem]);
  const type = (next: string | null) => {
    setText(next);
    setProblem(null);
    setSaid(null);
    keepDraft(name, next);
  };
  const leave = () => {
    if (text === null) return;
    const r = read(text);
    if (!r.ok) return setProblem(r.say);
    type(null);
    setSaid(r.said ?? null);
    if (text !== shown) keep(r.value);
  };
  return {
    field: {
      ref,
      id,
      value: text ?? shown,
      'aria-invalid': problem !== null,
      'aria-describedby': problem || said ? `${id}-e` : undefined,
      onChange: (e) => type(e.target.value),
      onBlur: leave,
      onKeyDown: (e) => {
        if (e.key === 'Enter') leave();
        if (e.key === 'Escape' && text !== null) {
          e.stopPropagation();
          type(null);
        }
      },
    },
    problem,
    said,
  };
}
