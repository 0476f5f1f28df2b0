/** @type {import('jest').Config} */
const config = {
  testEnvironment: 'node',
  // Both cores: nothing else runs beside it.
  maxWorkers: '100%',
  roots: ['<rootDir>/src'],
  testMatch: ['**/*.test.ts'],
  // Looked up by name in the sandbox these cost more than the sums they are in.
  sandboxInjectedGlobals: ['Math', 'Number', 'Map', 'Set', 'Object', 'Array', 'Float32Array', 'JSON'],
  transform: {
    '^.+\\.(t|j)sx?$': [
      '@swc/jest',
      { jsc: { parser: { syntax: 'typescript', tsx: true }, target: 'es2022' }, module: { type: 'commonjs' } },
    ],
  },
  transformIgnorePatterns: ['/node_modules/(?!(culori|comlink|three)/)'],
  moduleNameMapper: { '^three$': '<rootDir>/node_modules/three/build/three.module.js', '^@/(.*)$': '<rootDir>/src/$1' },
};
export default config;
