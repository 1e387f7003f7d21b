export { useAbout } from './about';
export { AboutChart } from './AboutChart';
export { MoreOf } from './MoreOf';
export { SaidPhrases } from './SaidPhrases';
export { SettingField } from './SettingField';
