import { fileURLToPath } from "node:url";
import jsxA11y from "eslint-plugin-jsx-a11y";
import reactHooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";

export default tseslint.config(
  { ignores: ["node_modules", ".next", ".data", "next-env.d.ts", "reports"] },
  ...tseslint.configs.strictTypeChecked,
  {
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: fileURLToPath(new URL(".", import.meta.url)) },
    },
    rules: {
      "@typescript-eslint/consistent-type-imports": "error",
      "@typescript-eslint/no-floating-promises": "error",
      "@typescript-eslint/no-non-null-assertion": "error",
      "@typescript-eslint/no-unused-vars": ["error", { ignoreRestSiblings: true }],
      "@typescript-eslint/switch-exhaustiveness-check": [
        "error",
        { considerDefaultExhaustiveForUnions: false, requireDefaultForNonUnion: true },
      ],
      // A figure stands in a sentence as it is: that is what sentences are for here.
      "@typescript-eslint/restrict-template-expressions": ["error", { allowNumber: true }],
      "@typescript-eslint/no-confusing-void-expression": ["error", { ignoreArrowShorthand: true }],
      "no-console": "error",
      eqeqeq: "error",
    },
  },
  {
    files: ["**/*.{js,mjs,cjs}"],
    ...tseslint.configs.disableTypeChecked,
  },
  {
    files: ["src/ui/**/*.{ts,tsx}", "src/app/**/*.{ts,tsx}"],
    plugins: { "react-hooks": reactHooks, "jsx-a11y": jsxA11y },
    rules: {
      ...reactHooks.configs.recommended.rules,
      // It warns of libraries that the React compiler leaves alone: the files that use one say "use no memo".
      "react-hooks/incompatible-library": "off",
      ...jsxA11y.flatConfigs.strict.rules,
      "jsx-a11y/label-has-associated-control": ["error", { depth: 4 }],
      // What scrolls must be reached by the keys.
      "jsx-a11y/no-noninteractive-tabindex": ["error", { tags: [], roles: ["region"] }],
    },
  },
  {
    // A function, and a file, is read at one sitting.
    rules: {
      "max-lines": ["error", 250],
      "max-lines-per-function": ["error", 60],
      "max-params": ["error", 4],
    },
  },
  {
    // What is only a list, of words or of tables, is as long as the list; so is what a test tells one after another.
    files: ["src/words/**", "src/core/intake/vocabulary/**", "src/server/db/migrations/**"],
    rules: { "max-lines": "off", "max-lines-per-function": "off" },
  },
  {
    files: ["tests/**", "**/*.test.{ts,tsx}"],
    rules: { "max-lines-per-function": "off" },
  },
  {
    // Links are those of the kit, which are fetched when they are pressed.
    files: ["src/ui/**/*.{ts,tsx}", "src/app/**/*.{ts,tsx}"],
    ignores: ["src/ui/kit/link.tsx"],
    rules: { "no-restricted-imports": ["error", { paths: ["next/link"] }] },
  },
  { files: ["scripts/**", "tests/**"], rules: { "no-console": "off" } },
  {
    // A test looks at pages, raw rows and files, whose shape is what it is there to find out.
    files: ["tests/**/*.ts", "**/*.test.{ts,tsx}"],
    rules: {
      "@typescript-eslint/no-unnecessary-condition": "off",
      "@typescript-eslint/no-unsafe-argument": "off",
      "@typescript-eslint/no-unsafe-assignment": "off",
      "@typescript-eslint/no-unsafe-member-access": "off",
      "@typescript-eslint/no-unsafe-return": "off",
    },
  },
);
