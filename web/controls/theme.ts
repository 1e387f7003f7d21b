import type { ThemeConfig } from 'antd';
import { page } from '../look';

/** Ant Design under our own look: small radii, hairlines, one accent, no shadow but on what floats. */
export const theme: ThemeConfig = {
  hashed: false,
  // One set of variables for all, and styles that were made when the interface was built.
  cssVar: { key: 'controls' },
  zeroRuntime: true,
  token: {
    fontFamily: "'Archivo Variable', sans-serif",
    fontSize: 14,
    colorPrimary: page.accent,
    colorInfo: page.accent,
    colorLink: page.accent,
    colorError: '#B53A1C',
    colorText: page.ink,
    colorTextSecondary: page.second,
    colorTextTertiary: page.third,
    colorTextPlaceholder: page.third,
    colorTextDisabled: page.third,
    colorBorder: '#BFCACB',
    colorBorderSecondary: page.hairline,
    colorBgLayout: page.paper,
    borderRadius: 3,
    borderRadiusLG: 4,
    borderRadiusSM: 2,
    controlHeight: 32,
    boxShadow: 'none',
    boxShadowSecondary: '0 6px 24px rgba(20, 34, 43, 0.14)',
    boxShadowTertiary: 'none',
    controlItemBgHover: page.accentTint,
    controlItemBgActive: page.accentTint,
    controlItemBgActiveHover: '#D6E4E2',
    lineWidthFocus: 2,
    wireframe: false,
    // What opens is there at once, and does not move away under a pointer that is quicker.
    motion: false,
  },
  components: {
    Button: {
      fontWeight: 600,
      primaryShadow: 'none',
      defaultShadow: 'none',
      dangerShadow: 'none',
      // The small ones are words alone.
      paddingInlineSM: 0,
      contentFontSizeSM: 13,
      linkHoverBg: 'transparent',
    },
    Drawer: { paddingLG: 18 },
    Form: { labelColor: page.second, labelFontSize: 12.5, verticalLabelPadding: '0 0 4px' },
    Notification: { width: 420 },
    Modal: { titleFontSize: 18 },
    Table: {
      headerBg: page.sheet,
      headerColor: page.second,
      headerSplitColor: 'transparent',
      cellPaddingBlockSM: 5,
      cellPaddingInlineSM: 14,
      borderColor: '#eef2f1',
    },
    Segmented: { itemSelectedBg: page.ink, itemSelectedColor: '#fff', trackBg: page.paper },
    Tooltip: { colorBgSpotlight: page.ink },
  },
};
