import { z } from 'zod';

export const MaterialSchema = z.enum(['terracotta', 'glazed', 'concrete', 'timber', 'metal', 'fibre', 'plastic', 'coir']);
export type Material = z.infer<typeof MaterialSchema>;

interface MaterialFacts {
  label: string;
  /** kg per litre of wall. */
  density: number;
  /** Ordinary wall thickness, mm. */
  wallMm: number;
  /** Water lost through the wall, as a factor on use. */
  wallFactor: number;
  frostProof: 'yes' | 'no' | 'if sold as frost-proof';
  colour: string;
}

/**
 * Densities are handbook values for the dry material; wall thicknesses are working figures, measured on
 * ordinary pots.
 */
export const MATERIALS: Record<Material, MaterialFacts> = {
  terracotta: { label: 'Terracotta', density: 1.9, wallMm: 14, wallFactor: 1.15, frostProof: 'if sold as frost-proof', colour: '#b5654a' },
  glazed: { label: 'Glazed stoneware', density: 2.2, wallMm: 14, wallFactor: 1, frostProof: 'if sold as frost-proof', colour: '#1d5752' },
  concrete: { label: 'Concrete or stone', density: 2.3, wallMm: 22, wallFactor: 1.15, frostProof: 'yes', colour: '#9a9c97' },
  timber: { label: 'Timber', density: 0.55, wallMm: 20, wallFactor: 1, frostProof: 'yes', colour: '#8b6b4a' },
  metal: { label: 'Metal', density: 7.8, wallMm: 1.2, wallFactor: 1, frostProof: 'yes', colour: '#66706f' },
  fibre: { label: 'Fibre and resin', density: 1.8, wallMm: 6, wallFactor: 1, frostProof: 'yes', colour: '#5d6168' },
  plastic: { label: 'Plastic', density: 0.95, wallMm: 4, wallFactor: 1, frostProof: 'yes', colour: '#4b5250' },
  /**
   * Coir liner over a wire frame: the wall breathes, so it dries faster. Frame and liner together about 0.25
   * kg/L of wall.
   */
  coir: { label: 'Coir-lined wire', density: 0.25, wallMm: 12, wallFactor: 1.15, frostProof: 'yes', colour: '#7d5b3c' },
};
