import { Radio } from 'antd';
import { useState } from 'react';
import type { Dashboard } from '../../contract';
import {
  type BoardStyle,
  type Colour,
  colours,
  type Dash,
  dashes,
  type PaletteName,
  paletteNames,
  palettes,
  roles,
  type RoleStroke,
  roleWords,
  strokeOfRole,
  type TextSize,
  textSizes,
} from '../../core/chart';
import { type DateStyle, dateStyles, writeDay } from '../../core/labels';
import { parseDay } from '../../core/calendar';
import { api, sayProblem } from '../api';
import { KeepDialog, NumberStyleFields, SelectField } from '../controls';
import { StrokeSample } from '../look';

interface StyleDialogProps {
  dashboard: Dashboard;
  onClose: () => void;
}

/** How all charts of a dashboard look, where they do not say otherwise themselves. */
export function StyleDialog({ dashboard, onClose }: StyleDialogProps) {
  const [style, setStyle] = useState(dashboard.style);
  const [save, saving] = api.useStyleDashboardMutation();
  const set = (more: Partial<BoardStyle>) => setStyle((before) => ({ ...before, ...more }));
  const keep = async () => {
    const { id, revision } = dashboard;
    await save({ id, revision, style }).unwrap();
    onClose();
  };
  return (
    <KeepDialog
      title="Style of this dashboard"
      width={720}
      {...{ keep, onClose }}
      busy={saving.isLoading}
      problem={saving.error ? sayProblem(saving.error) : ''}
    >
      <p className="quiet small">
        Its charts are drawn so, unless a chart has figures, dates or strokes of its own.
      </p>
      <div className="style-fields">
        <section className="fields" aria-label="Text and dates">
          <h3>Text and dates</h3>
          <Radio.Group
            value={style.textSize}
            aria-label="Size of text"
            onChange={(event) => set({ textSize: event.target.value as TextSize })}
            options={textSizes.map((value) => ({ value, label: value }))}
          />
          <SelectField<DateStyle>
            label="Dates"
            value={style.dates}
            onChange={(dates) => set({ dates })}
            options={dateStyles.map((value) => ({
              value,
              label: writeDay(parseDay(dashboard.today) ?? 0, value),
            }))}
          />
          <SelectField<PaletteName>
            label="Palette"
            value={style.palette}
            onChange={(palette) => set({ palette })}
            options={paletteNames.map((value) => ({
              value,
              label: (
                <span className="row">
                  <StrokeSample
                    stroke={{ colour: 'ink', dash: 'solid', width: 4 }}
                    rules={[...palettes[value]]}
                  />
                  {value}
                </span>
              ),
            }))}
          />
        </section>
        <section className="fields" aria-label="Figures">
          <h3>Figures</h3>
          <NumberStyleFields value={style.numbers} onChange={(numbers) => set({ numbers })} />
        </section>
        <section className="fields" aria-label="Strokes of roles">
          <h3>Strokes of roles</h3>
          <RoleStrokes style={style} onChange={(strokes) => set({ strokes })} />
        </section>
      </div>
    </KeepDialog>
  );
}

const asItIs: RoleStroke = { colour: null, dash: null, width: null };

interface RoleStrokesProps {
  style: BoardStyle;
  onChange: (strokes: BoardStyle['strokes']) => void;
}

/** Each role with its stroke, and what of it the dashboard draws in its own way. */
function RoleStrokes({ style, onChange }: RoleStrokesProps) {
  return roles.map((role) => {
    const own = style.strokes[role] ?? asItIs;
    const set = (more: Partial<RoleStroke>) =>
      onChange({ ...style.strokes, [role]: { ...own, ...more } });
    const words = `${roleWords[role].charAt(0).toUpperCase()}${roleWords[role].slice(1)}`;
    return (
      <div key={role} className="row role-stroke">
        <StrokeSample stroke={strokeOfRole(role, 0, style)} />
        <SelectField<Colour | ''>
          label={words}
          name={`Colour of ${words}`}
          value={own.colour ?? ''}
          onChange={(colour) => set({ colour: colour || null })}
          options={[
            { value: '', label: 'its own colour' },
            ...colours.map((colour) => ({ value: colour, label: colour })),
          ]}
        />
        <SelectField<Dash | ''>
          label=" "
          name={`Dash of ${words}`}
          value={own.dash ?? ''}
          onChange={(dash) => set({ dash: dash || null })}
          options={[
            { value: '', label: 'its own dash' },
            ...dashes.map((dash) => ({ value: dash, label: dash })),
          ]}
        />
      </div>
    );
  });
}
