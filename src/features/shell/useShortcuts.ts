'use client';
import { useEffect } from 'react';
import { point } from './pointing';
import { useWorkspace } from './store';

/**
 * Undo and redo from anywhere but a text field, where the browser's own belong. Escape lets go of the plant
 * in hand.
 */
export function useShortcuts(): void {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const el = e.target as HTMLElement | null;
      if (el?.closest('input:not([type=range]):not([type=radio]), textarea, select')) return;
      const { undo, redo } = useWorkspace.getState();
      const mod = e.ctrlKey || e.metaKey;
      const key = e.key.toLowerCase();
      if (mod && key === 'z') {
        e.preventDefault();
        if (e.shiftKey) redo();
        else undo();
      } else if (mod && key === 'y') {
        e.preventDefault();
        redo();
      } else if (e.key === 'Escape') point({ chosen: null, lit: null });
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
