/** What a wall behind containers is built of, and what lies under them. */
export const WALL_BUILDS = ['render', 'brick', 'boards'] as const;
export type WallBuild = (typeof WALL_BUILDS)[number];
export const WALL_LABELS: Record<WallBuild, string> = { render: 'Render', brick: 'Brick', boards: 'Boards' };

export const GROUND_BUILDS = ['paving', 'deck', 'gravel'] as const;
export type GroundBuild = (typeof GROUND_BUILDS)[number];
export const GROUND_LABELS: Record<GroundBuild, string> = { paving: 'Paving', deck: 'Deck', gravel: 'Gravel' };
