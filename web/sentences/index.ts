export { ColumnsOf, useAbout } from './about';
export { MoreOf } from './MoreOf';
export { Offered, type Takeable } from './Offered';
export { SaidPhrases } from './SaidPhrases';
export { SettingControl, SettingField } from './SettingField';
export { Speaking } from './Speaking';
