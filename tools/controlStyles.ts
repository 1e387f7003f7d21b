import { createElement, type JSX } from 'react';
import { extractStyle } from '@ant-design/static-style-extract';
import { ConfigProvider } from 'antd';
import type { Plugin } from 'vite';
import { theme } from '../web/controls/theme';

const prefix = 'virtual:control/';

/** What a control is made of and does not show until it is used. */
const within: Readonly<Record<string, readonly string[]>> = {
  Table: ['Pagination', 'Spin', 'Empty'],
  DatePicker: ['Button', 'Tag'],
};

/** The variables that all controls share: the provider that dresses them writes them once. */
const variables = /\.[\w-]+\{--ant-blue:[^}]*\}/g;

/** The names that a module takes from the library, but for its types. */
const namesTaken = (code: string): string[] =>
  [...code.matchAll(/import \{([^}]*)\} from 'antd'/g)]
    .flatMap(([, list = '']) => list.split(','))
    .map((each) => each.trim().split(' as ')[0] ?? '')
    .filter((each) => each !== '' && each !== 'ConfigProvider' && !each.startsWith('type '));

/**
 * The styles of one control under our theme, beneath what our own style sheets say.
 * @param name as it is taken from the library
 */
function stylesOf(name: string): string {
  const inOurTheme = (controls: JSX.Element) =>
    createElement(ConfigProvider, { theme: { ...theme, zeroRuntime: false } }, controls);
  const all = extractStyle({
    customTheme: inOurTheme,
    includes: [name, ...(within[name] ?? [])],
  });
  return `@layer controls {\n${all.replaceAll(variables, '')}\n}`;
}

/**
 * Makes the styles of the library's controls once, at build time, so that no page works them out: each
 * comes with the module that takes the control.
 */
export function controlStyles(): Plugin {
  return {
    name: 'styles of the controls',
    enforce: 'pre',
    resolveId: (id) => (id.startsWith(prefix) ? `\0${id}` : null),
    load: (id) =>
      id.startsWith(`\0${prefix}`) ? stylesOf(id.slice(prefix.length + 1, -'.css'.length)) : null,
    transform: {
      filter: { id: /\/web\/.*\.tsx$/ },
      handler(code) {
        const styles = namesTaken(code).map((name) => `import '${prefix}${name}.css';\n`);
        return styles.length > 0 ? { code: styles.join('') + code, map: null } : null;
      },
    },
  };
}
