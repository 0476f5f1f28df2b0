'use client';
import { useEffect, useState } from 'react';
import type { Sitter } from '@/core/canopy/sitter';
import type { Frame } from '@/portrait/lens';
import { keepStill, readStill } from '@/storage/stills';
import { useDrawing } from '../shell/drawing';
import { type Helper, startDarkroom } from '../shell/workers';
import { shippedStill } from './shipped';
import { RATIO } from './still-key';
import type { DarkroomApi } from '@/workers/darkroom';

/** What a still is taken of. */
export interface Sitting {
  sitter: Sitter;
  frame: Frame;
}

/** Pictures kept: a bench, and some screens of the library. */
const KEPT = 400;
const pictures = new Map<string, string>();
/** Pictures that could not be taken: said so, until they are wanted again. */
const missed = new Set<string>();

/** A worker, and what it has still to do. */
interface Room {
  helper: Helper<DarkroomApi>;
  waiting: number;
  queue: Promise<unknown>;
}

/** As many as there are cores, and no more than so many: each holds the library and its leaves. */
const MOST_ROOMS = 2;
const rooms: Room[] = [];

/** The room that is free first; one more is opened while all have something to do. */
function freeRoom(): Room {
  const [best] = [...rooms].sort((a, b) => a.waiting - b.waiting);
  const most = Math.min(MOST_ROOMS, navigator.hardwareConcurrency || 1);
  if (best && (best.waiting === 0 || rooms.length >= most)) return best;
  const opened: Room = { helper: startDarkroom(), waiting: 0, queue: Promise.resolve() };
  rooms.push(opened);
  return opened;
}

/** Has something done in the room that is free first, after all that waits there. */
function inRoom(work: (room: Room) => Promise<void>): Promise<void> {
  const room = freeRoom();
  room.waiting += 1;
  const done = room.queue.then(() => work(room)).finally(() => (room.waiting -= 1));
  room.queue = done.catch(() => undefined);
  return done;
}

/** Drawn plainly, a pixel of the page is one of the picture. */
const ratioNow = () => (useDrawing.getState().plain ? 1 : RATIO);

/** The address of a still, painted in a worker, or on the page where workers have no canvas. */
async function taken({ helper }: Room, { sitter, frame }: Sitting, w: number, h: number): Promise<string> {
  const made = await helper.ask((api) => api.take(sitter, frame, w, h));
  if (made !== null) return made;
  const { paintedHere } = await import('./here');
  return paintedHere(sitter, frame, w, h).toDataURL('image/png');
}

function keep(key: string, url: string): void {
  const oldest = pictures.keys().next().value;
  if (pictures.size >= KEPT && oldest !== undefined) pictures.delete(oldest);
  pictures.set(key, url);
}

/** A still as this release draws it here: another may draw it otherwise. */
const drawnNow = (key: string): string =>
  `${process.env.NEXT_PUBLIC_BUILD ?? ''}/${useDrawing.getState().plain ? 'plain' : 'fine'}/${key}`;

/** A still: its address; undefined while it is being taken, null where it could not be. */
export type Still = string | null | undefined;

/** How a still is asked for. */
interface Asked {
  w: number;
  h: number;
  sitting: () => Sitting;
  /** Not taken until it is. */
  wanted?: boolean;
  /** Kept for later visits; what is looked at in passing is not. */
  lasting?: boolean;
}

/** A still by its key, kept from an earlier visit or taken when it is first wanted, one after another. */
export function useStill(key: string, { w, h, sitting, wanted = true, lasting = true }: Asked): Still {
  const [, again] = useState(0);
  useEffect(() => {
    if (!wanted || pictures.has(key)) return;
    missed.delete(key);
    let gone = false;
    const take = async (room: Room) => {
      if (gone || pictures.has(key)) return;
      const url = await taken(room, sitting(), w * ratioNow(), h * ratioNow());
      keep(key, url);
      if (lasting) void keepStill(drawnNow(key), url);
    };
    const fetched = async () => {
      const before = await readStill(drawnNow(key));
      if (before) return keep(key, before);
      const shipped = lasting ? await shippedStill(key) : null;
      if (!shipped) return inRoom(take);
      keep(key, shipped);
      void keepStill(drawnNow(key), shipped);
    };
    fetched()
      .catch((e: unknown) => {
        missed.add(key);
        console.warn('No picture:', e);
      })
      .finally(() => !gone && again((n) => n + 1));
    return () => {
      gone = true;
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key holds all that the picture shows
  }, [key, wanted]);
  return pictures.get(key) ?? (missed.has(key) ? null : undefined);
}
