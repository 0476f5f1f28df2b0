/** A currency to show prices in. Records are priced in pounds; the rate is one’s own. */
export interface Money {
  /** ISO 4217. */
  code: Currency;
  /** So much of it is a pound. */
  perPound: number;
}

/** Currencies to choose from, with a rate to begin with. Rates are working figures: put in today’s. */
export const CURRENCIES = {
  GBP: { label: 'pounds', perPound: 1 },
  EUR: { label: 'euros', perPound: 1.15 },
  USD: { label: 'US dollars', perPound: 1.3 },
  CAD: { label: 'Canadian dollars', perPound: 1.8 },
  AUD: { label: 'Australian dollars', perPound: 2 },
} as const;
export type Currency = keyof typeof CURRENCIES;
export const CURRENCY_CODES = Object.keys(CURRENCIES) as Currency[];

export const POUNDS: Money = { code: 'GBP', perPound: 1 };

/** Pounds in a currency, to the penny or cent. */
export const inMoney = (pounds: number, { perPound }: Money): number => Math.round(pounds * perPound * 100) / 100;

/** An amount in pounds as it is written in a currency: “£4.50”, “US$5.85”. */
export const moneyText = (pounds: number, money: Money): string =>
  new Intl.NumberFormat('en-GB', { style: 'currency', currency: money.code }).format(inMoney(pounds, money));
