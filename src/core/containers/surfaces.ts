/** What a wall behind containers is built of, and what lies under them. */
export const WALL_BUILDS = ['render', 'brick', 'boards'] as const;
export type WallBuild = (typeof WALL_BUILDS)[number];
export const WALL_LABELS: Record<WallBuild, string> = { render: 'Render', brick: 'Brick', boards: 'Boards' };

export const GROUND_BUILDS = ['paving', 'deck', 'gravel'] as const;
export type GroundBuild = (typeof GROUND_BUILDS)[number];
export const GROUND_LABELS: Record<GroundBuild, string> = { paving: 'Paving', deck: 'Deck', gravel: 'Gravel' };

export const BESIDE = ['nothing', 'steps', 'door', 'window'] as const;
export type Beside = (typeof BESIDE)[number];
export const BESIDE_LABELS: Record<Beside, string> = {
  nothing: 'Nothing',
  steps: 'Steps',
  door: 'A door',
  window: 'A window',
};

/** What one container stands or hangs in, as it is drawn: each part null where there is none. */
export interface Surroundings {
  wall: { colour: string; build: WallBuild } | null;
  ground: GroundBuild | null;
  steps: boolean;
  opening: 'door' | 'window' | null;
  /** What a hook is on. */
  hung: 'arm' | 'beam' | null;
}
