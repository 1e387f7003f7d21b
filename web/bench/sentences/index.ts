export { useAbout } from './about';
export { AboutChart } from './AboutChart';
export { MoreOf } from './MoreOf';
export { Offered, type Takeable } from './Offered';
export { SaidPhrases } from './SaidPhrases';
export { SettingField } from './SettingField';
