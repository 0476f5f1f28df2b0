import type { Settings } from '@/core/formats/backup';

const UNITS = 'rillbank.units';
const THEME = 'rillbank.theme';
const PICTURES = 'rillbank.pictures';
const EXPLAINED = 'rillbank.explained';
const AWAY = 'away';

/** What somebody set on this device: nothing where they left it as it was. */
export function keptSettings(): Settings {
  const units = localStorage.getItem(UNITS);
  const theme = localStorage.getItem(THEME);
  const pictures = localStorage.getItem(PICTURES);
  return {
    ...(units === 'imperial' || units === 'metric' ? { units } : {}),
    ...(theme === 'light' || theme === 'dark' ? { theme } : {}),
    ...(pictures === 'plain' ? { pictures } : {}),
  };
}

const put = (key: string, value: string | undefined): void =>
  value === undefined ? localStorage.removeItem(key) : localStorage.setItem(key, value);

/** Sets units on this device. */
export const keepUnits = (units: Settings['units']): void => put(UNITS, units);

/** Sets how portraits are drawn on this device; undefined for the usual. */
export const keepPictures = (pictures: Settings['pictures']): void => put(PICTURES, pictures);

/** Whether the levels say what they look for on this device: until that is put away. */
export const keptExplained = (): boolean => localStorage.getItem(EXPLAINED) !== AWAY;
export const keepExplained = (explained: boolean): void => put(EXPLAINED, explained ? undefined : AWAY);

const REMIND = 'rillbank.remind';
const ON = 'on';

/** Whether one is to be reminded of the day's jobs on this device. */
export const keptRemind = (): boolean => localStorage.getItem(REMIND) === ON;
export const keepRemind = (on: boolean): void => put(REMIND, on ? ON : undefined);

/** Sets light or dark on this device, and shows it; undefined follows the system. */
export function keepTheme(theme: Settings['theme']): void {
  put(THEME, theme);
  if (theme) document.documentElement.dataset.theme = theme;
  else delete document.documentElement.dataset.theme;
}

/** Settings from a backup, where this device has none of its own. */
export function keepSettings(brought: Settings): void {
  const here = keptSettings();
  if (!here.units && brought.units) keepUnits(brought.units);
  if (!here.theme && brought.theme) keepTheme(brought.theme);
  if (!here.pictures && brought.pictures) keepPictures(brought.pictures);
}
