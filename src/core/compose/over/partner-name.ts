const MOST_LETTERS = 80;
/** A name that is a partner's already, and which of them. */
const PARTNER = /, partner(?: (\d+))?$/;

/** What a partner is called: “Left-hand pot, partner”, and its own partner “Left-hand pot, partner 2”. */
export function partnerName(name: string): string {
  const [ending, nth] = PARTNER.exec(name) ?? [];
  const after = ending === undefined ? ', partner' : `, partner ${Number(nth ?? 1) + 1}`;
  return `${name.replace(PARTNER, '').slice(0, MOST_LETTERS - after.length)}${after}`;
}
