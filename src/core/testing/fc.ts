import fc from 'fast-check';

// The same cases on every machine, so that a red run can be repeated. `SEED=… npm run unit` tries others.
fc.configureGlobal({ seed: Number(process.env.SEED ?? 20261201) });

export default fc;
