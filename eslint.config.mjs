import nextVitals from 'eslint-config-next/core-web-vitals';
import nextTs from 'eslint-config-next/typescript';
import { defineConfig, globalIgnores } from 'eslint/config';

const banned = (name, why) => ({ selector: name, message: why });

export default defineConfig([
  ...nextVitals,
  ...nextTs,
  globalIgnores(['.next/**', '.data/**', 'next-env.d.ts', 'test-results/**']),
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true }],
      'import/no-anonymous-default-export': 'off',
    },
  },
  {
    // The core gives the same answer everywhere and every time.
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        banned("MemberExpression[object.name='Math'][property.name='random']", 'The core has no random source; pass one in.'),
        banned("MemberExpression[object.name='Date'][property.name='now']", 'The core has no clock; pass the time in.'),
        banned("NewExpression[callee.name='Date'][arguments.length=0]", 'The core has no clock; pass the time in.'),
        banned("MemberExpression[property.name='localeCompare']", 'Locale order differs between machines; use compareText.'),
        banned("Program > VariableDeclaration[kind='let']", 'No state at module level in the core.'),
      ],
    },
  },
]);
