/** How stills and portraits are looked at: angle of view, degrees; what is left round what is seen; how far the eye looks down, radians. */
export const LENS = { fovDeg: 17, margin: 1.06, elevation: 0.16 } as const;
