'use client';
import { useState } from 'react';

/** The last value there was, while there is none. */
export function useLast<T>(value: T | null): T | null {
  const [last, setLast] = useState(value);
  if (value !== null && value !== last) setLast(value);
  return value ?? last;
}
