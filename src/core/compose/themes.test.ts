import { LIBRARY } from '../plants';
import type { Plant } from '../plants/schema';
import { type ThemeId, THEMES } from './themes';

const named = (id: string): Plant => {
  const found = LIBRARY.find((p) => p.id === id);
  if (!found) throw new Error(id);
  return found;
};

test.each<[ThemeId, boolean, string[]]>([
  ['classic', true, ['pelargonium-scarlet', 'petunia-white', 'lobelia-blue']],
  ['classic', false, ['heliconia', 'jade', 'petunia-white']],
  ['leaf', true, ['phormium-bronze', 'coleus-lime', 'petunia-white']],
  ['leaf', false, ['russian-sage', 'petunia-white', 'lobelia-blue']],
  ['one colour', true, ['petunia-magenta', 'verbena-pink', 'petunia-white']],
  ['one colour', false, ['marigold-orange', 'lobelia-blue']],
  ['many', true, ['marigold-orange', 'lobelia-blue', 'petunia-magenta']],
  ['many', false, ['petunia-white', 'bacopa-white']],
  ['many', false, ['bacopa-pink', 'heuchera-silver', 'petunia-white']],
  ['one colour', false, ['marigold-orange', 'begonia-wing-pink', 'petunia-white']],
  ['airy', false, ['hosta-blue', 'begonia-red']],
  ['thrift', false, ['canna-dwarf-red', 'lantana-sunset']],
  ['thrift', true, ['lantana-sunset', 'gazania-orange', 'portulaca-yellow']],
])('%s is said (%p) of %p', (theme, holds, ids) => expect(THEMES[theme].holds(ids.map(named))).toBe(holds));
