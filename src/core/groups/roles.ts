import type { SchoolId } from '../schools';

/** What one container is in a group. */
export interface RoleFacts {
  label: string;
  /** What it does there. */
  about: string;
  school: SchoolId;
  /** Its pot against the lead’s, by depth; with what grows in it each steps down by about a third. Practice. */
  potShare: number;
  /** A wide low one. */
  low: boolean;
  potWhy: string;
}

/** The roles of a group, tallest first. A new one is a line here. */
export const GROUP_ROLES = {
  lead: {
    label: 'Lead',
    about: 'the tall one the eye goes to',
    school: 'tall-centre',
    potShare: 1,
    low: false,
    potWhy: 'The largest.',
  },
  company: {
    label: 'Company',
    about: 'fuller and lower, and shares a plant with the lead',
    school: 'level-dome',
    potShare: 0.75,
    low: false,
    potWhy: 'A step lower than the lead’s, so that the group steps down.',
  },
  carpet: {
    label: 'Carpet',
    about: 'low and wide, at the feet of the others',
    school: 'level-dome',
    potShare: 0.4,
    low: true,
    potWhy: 'A low bowl: it covers the feet of the others and hides none of them.',
  },
} satisfies Record<string, RoleFacts>;
export type GroupRole = keyof typeof GROUP_ROLES;

/** What groups are made of, by how many stand there. Practice: odd numbers, or a true pair with what lies between. */
export const GROUP_SIZES: Record<number, readonly GroupRole[]> = {
  2: ['lead', 'lead'],
  3: ['lead', 'company', 'carpet'],
  5: ['lead', 'company', 'company', 'carpet', 'carpet'],
};
