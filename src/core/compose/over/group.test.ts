import { pot } from '../../testing/pots';
import { potsFor } from '../../groups/pots';
import { resolve } from '../../plantings/resolve';
import { composeGroup, neighbourOf, sharing } from './group';

const base = pot();
const pots = potsFor({ on: 'ground' }, ['lead', 'company', 'company'], base.spot, base.spot.backdrop);
const ids = (p: typeof base) => new Set(resolve(p).map((x) => x.plant.id));

describe('a group', () => {
  const [group] = composeGroup(base, pots, { want: 1 });
  test('shares a plant, has a lead of its own, and counts those of one role as one container', () => {
    if (!group) throw new Error('A group is wanted.');
    expect(group.members.map((m) => [m.role, m.planting.container.count])).toEqual([
      ['lead', 1],
      ['company', 2],
    ]);
    for (const m of group.members) expect(ids(m.planting)).toContain(group.shared?.id);
    expect(group.group.stands).toHaveLength(3);
    expect(group.reason).toContain('repeat in all 3');
    expect(group.findings.filter((f) => f.severity === 'wrong')).toEqual([]);
  });
  test('asked for one that shares another plant, that plant is in it and the brief stays', () => {
    const lead = group?.members[0]?.planting;
    if (!lead) throw new Error('A lead is wanted.');
    const made = sharing(base, group?.shared?.id ?? '');
    expect(made && ids(made)).toContain(group?.shared?.id);
    expect(made?.brief).toEqual(base.brief);
    expect(neighbourOf(lead, { role: 'company', container: base.container }, { library: [] })).toBeNull();
  });
});
