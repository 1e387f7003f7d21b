import { type TextSize, textSizes } from '../../core/chart';
import { Choice } from '../hands';

interface TextSizeChoiceProps {
  /** the author's */
  usual: TextSize;
  /** the reader's own; null: as the author has it */
  own: TextSize | null;
  onChange: (size: TextSize | null) => void;
}

/** How large a reader has all text of a dashboard, for themselves. */
export function TextSizeChoice({ usual, own, onChange }: TextSizeChoiceProps) {
  return (
    <div className="text-size">
      <Choice
        label="Size of text"
        value={own ?? usual}
        options={textSizes.map((value) => ({ value, label: `${value} text` }))}
        onChange={(value) => onChange(value === usual ? null : (value as TextSize))}
      />
    </div>
  );
}
