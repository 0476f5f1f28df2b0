import { readFileSync } from 'node:fs';
import { z } from 'zod';
import { assess } from '../core/balance/assess';
import { compose } from '../core/compose/compose';
import { withRemedies } from '../core/compose/changes/remedies';
import { cautionsFor } from '../core/containers/cautions';
import { BackupSchema } from '../core/formats/backup';
import { ManifestSchema } from '../core/formats/bundle';
import { PlantsFileSchema } from '../core/formats/own-plants';
import { BriefFileSchema, readBrief } from '../core/formats/brief';
import { GroupFileSchema } from '../core/formats/group';
import { BadInputError, parseJson } from '../core/formats/parse';
import { readPlanting } from '../core/formats/planting';
import { LIBRARY } from '../core/plants';
import { coverageTable } from '../core/plants/coverage';
import { PlantSchema } from '../core/plants/schema';
import { ballsL } from '../core/plantings/resolve';
import { PlantingSchema } from '../core/plantings/schema';
import { today } from '../core/units/date';
import { growth } from './growth';
import { checkGroup, isGroup } from './group';
import { jobsIn } from './jobs';
import { waterOn } from './water';
import { filesIn, listOf, stepsFor, writeTemplate } from './making';

const USAGE = `rillbank: the potting bench from a terminal. JSON in, JSON out.

  rillbank plants                         every plant in the library
  rillbank plants --coverage              how many there are to choose from, by role, light, season and scheme
  rillbank schema planting|group|brief|plant|plants|bundle|backup
                                          the JSON Schema of a file
  rillbank compose BRIEF.json             plantings that fit a brief, best first
  rillbank check PLANTING.json|GROUP.json [--on DATE]
                                          what is good, of concern or a problem, and safety notes
  rillbank grow PLANTING.json [--week N]  size of each plant at its peak or in week N
  rillbank grow PLANTING.json --from DATE --to DATE
                                          each plant in every week between, what shades it, and what lies ahead
  rillbank grow PLANTING.json… --year hot|cool|late|frost|dry|unfed
                                          the same in a different year or with different care
  rillbank list PLANTING.json… [--feed slow|liquid|pellets] [--drip]
                                          what to buy for all of them, in packs and whole bags
  rillbank steps PLANTING.json            planting steps and how deep to fill the mix
  rillbank water PLANTING.json --on DATE [--high C --low C --rain MM | --weather DAYS.csv]
                                          litres a day, how often to water, and water available to roots
  rillbank jobs PLANTING.json… --from DATE --to DATE [--ics F]
                                          what is to be done and when, and as a calendar
  rillbank template PLANTING.json --out F.svg|F.pdf [--paper a4|letter]
                                          the plan at full size, as one drawing or on sheets

Exit 0, or 2 with a message that names the field and why.`;

const SCHEMAS: Record<string, z.ZodType> = {
  planting: PlantingSchema,
  brief: BriefFileSchema,
  plant: PlantSchema,
  plants: PlantsFileSchema,
  group: GroupFileSchema,
  bundle: ManifestSchema,
  backup: BackupSchema,
};

const COMMANDS: Record<string, (args: string[]) => unknown> = {
  plants: ([flag]) => {
    if (flag === undefined) return LIBRARY;
    if (flag !== '--coverage')
      throw new BadInputError(`plants: unknown option "${flag}". Remove it or use --coverage.`);
    return coverageTable(LIBRARY);
  },
  schema: ([name]) => {
    const schema = SCHEMAS[name ?? ''];
    if (!schema) throw new BadInputError(`schema: "${name ?? ''}" must be one of ${Object.keys(SCHEMAS).join(', ')}.`);
    return z.toJSONSchema(schema, { io: 'input' });
  },
  compose: ([file]) => {
    const { planting, seed } = readBrief(readJson(file), today());
    const { proposals, problem } = compose(planting, { seed });
    if (problem) throw new BadInputError(`brief: ${problem}`);
    return { proposals };
  },
  check: ([file, ...rest]) => {
    const data = readJson(file);
    if (isGroup(data)) return checkGroup(data, rest);
    const planting = readPlanting(data);
    const { score, findings } = withRemedies(planting, assess(planting));
    return {
      score,
      findings: findings.map(({ check, severity, measured, band, unit, message, culprits, remedies }) => ({
        check,
        severity,
        measured,
        band,
        unit,
        message,
        culprits,
        remedies,
      })),
      cautions: cautionsFor(planting.container, ballsL(planting.placements), planting.spot),
    };
  },
  grow: ([file, ...rest]) => growth(readPlanting(readJson(file)), rest),
  list: (args) =>
    listOf(
      filesIn(args).map((file) => readPlanting(readJson(file))),
      args,
    ),
  steps: ([file]) => stepsFor(readPlanting(readJson(file))),
  jobs: (args) =>
    jobsIn(
      filesIn(args).map((file) => readPlanting(readJson(file))),
      args,
    ),
  water: ([file, ...rest]) => waterOn(readPlanting(readJson(file)), rest),
  template: ([file, ...rest]) => writeTemplate(readPlanting(readJson(file)), rest),
};

function readJson(file: string | undefined): unknown {
  if (!file) throw new BadInputError('file: give a JSON file after the command.');
  let text: string;
  try {
    text = readFileSync(file, 'utf8');
  } catch {
    throw new BadInputError(`file: could not read ${file}. Check the name.`);
  }
  return parseJson(text);
}

/** Runs one command; the exit code. */
export async function main(args: string[]): Promise<number> {
  const [name, ...rest] = args;
  if (!name || name === '--help' || name === 'help') {
    console.log(USAGE);
    return name ? 0 : 2;
  }
  const command = COMMANDS[name];
  if (!command) {
    console.error(`rillbank: there is no command "${name}".\n\n${USAGE}`);
    return 2;
  }
  try {
    const answer = await command(rest);
    const out = typeof answer === 'string' ? answer : JSON.stringify(answer, null, 2);
    await new Promise<void>((done) => process.stdout.write(`${out}\n`, () => done()));
    return 0;
  } catch (e) {
    if (!(e instanceof BadInputError)) throw e;
    console.error(e.message);
    return 2;
  }
}
