import { Segmented } from 'antd';

export interface SegmentsProps {
  label: string;
  options: readonly string[];
  value: string;
  onChange: (value: string) => void;
}

/** One of very few, all of which are seen. */
export const Segments = ({ label, options, value, onChange }: SegmentsProps) => (
  <Segmented
    aria-label={label}
    size="small"
    className="segments"
    options={[...options]}
    value={value}
    onChange={onChange}
  />
);
