'use client';
import { useEffect } from 'react';
import { watchFocus } from './focus';

/** Keeps the keyboard’s place on every page. */
export function KeepFocus() {
  useEffect(watchFocus, []);
  return null;
}
