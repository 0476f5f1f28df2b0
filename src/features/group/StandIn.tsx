'use client';
import { useEffect } from 'react';
import type { Canopy } from '@/core/canopy/kinds';
import { type Body, type Scene, weekOf } from '@/core/groups/scene';
import { grow } from '@/core/growth/season';
import { sightOf } from '@/portrait/lens';
import type { Together } from '@/portrait/place/together';
import { frameOf } from '../pictures/frame';
import { usePotStill } from '../pictures/PotPicture';

/** Stills that stand in are taken at so many pixels for a mm: a container fills a few hundred of the picture. */
const SCALE = 0.25;

/** Gives the scene a still of a container, to be seen while the picture moves. Draws nothing itself. */
export function StandIn({ stage, scene, body, of }: { stage: Together; scene: Scene; body: Body; of?: Canopy }) {
  const { planting } = body;
  const { src } = usePotStill({ planting, week: weekOf(planting, scene.date), scale: SCALE });
  const ids = scene.bodies.filter((b) => b.of === body.of).map((b) => b.id);
  const key = ids.join();
  useEffect(() => {
    if (!src) return undefined;
    let gone = false;
    const image = new Image();
    image.onload = () => {
      if (gone) return;
      const { perMm, w, h, footPx } = sightOf(planting.container, frameOf(planting, grow(planting)), SCALE);
      for (const id of key.split(','))
        stage.setStill(id, { image, wideMm: w / perMm, highMm: h / perMm, footMm: footPx / perMm });
    };
    image.src = src;
    return () => {
      gone = true;
    };
  }, [stage, src, planting, key, of]);
  return null;
}
