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
    label: 'Main',
    about: 'tall, and the first thing you notice',
    school: 'tall-centre',
    potShare: 1,
    low: false,
    potWhy: 'The largest.',
  },
  company: {
    label: 'Supporting',
    about: 'fuller and lower, sharing a plant with the main container',
    school: 'level-dome',
    potShare: 0.75,
    low: false,
    potWhy: 'Lower than the main one, so the group steps down.',
  },
  carpet: {
    label: 'Low',
    about: 'low and wide, in front of the others',
    school: 'level-dome',
    potShare: 0.4,
    low: true,
    potWhy: 'A low bowl: it softens the base of the group without hiding anything.',
  },
} satisfies Record<string, RoleFacts>;
export type GroupRole = keyof typeof GROUP_ROLES;

/** What groups are made of, by how many stand there. Practice: odd numbers, or a true pair with what lies between. */
export const GROUP_SIZES: Record<number, readonly GroupRole[]> = {
  2: ['lead', 'lead'],
  3: ['lead', 'company', 'carpet'],
  5: ['lead', 'company', 'company', 'carpet', 'carpet'],
};
