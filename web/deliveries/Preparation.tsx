import {
  kindOf,
  type Misfit,
  type PreparationContext,
  prepareRows,
  sayStep,
  type Step,
  stepKinds,
} from '../../core/preparation';
import { Act, Menu } from '../controls';
import { StepRow } from './StepRow';

interface PreparationProps {
  steps: readonly Step[];
  offers: readonly Step[];
  misfits: readonly Misfit[];
  remarks: Readonly<Record<string, string>>;
  context: PreparationContext;
  /** the id of the sentence whose before and after are shown */
  pointed: string | null;
  onPoint: (id: string | null) => void;
  onChange: (steps: Step[]) => void;
}

/** The kept list of sentences that turn the file into the source's table. */
export function Preparation(props: PreparationProps) {
  const { steps, offers, misfits, remarks, context, pointed, onPoint, onChange } = props;
  const sheetBefore = (place: number) =>
    prepareRows(steps.slice(0, place), context, context.firstRows);
  const put = (place: number, step: Step) =>
    onChange(steps.map((each, at) => (at === place ? step : each)));
  const move = (place: number, by: -1 | 1) => {
    // The names of the columns come first: nothing can stand before them.
    const to = Math.max(1, Math.min(steps.length - 1, place + by));
    const moved = steps.filter((_, at) => at !== place);
    onChange([...moved.slice(0, to), steps[place] as Step, ...moved.slice(to)]);
  };
  return (
    <section className="sheet preparation" aria-label="Preparation">
      <header className="preparation-head">
        <h2>Preparation</h2>
        <AddStep
          columns={sheetBefore(steps.length).columns}
          taken={steps.map(({ id }) => id)}
          onAdd={(step) => onChange([...steps, step])}
        />
      </header>
      <ol className="steps">
        {steps.map((step, place) => (
          <StepRow
            key={step.id}
            step={step}
            number={place + 1}
            before={sheetBefore(place)}
            remark={remarks[step.id] ?? null}
            misfit={misfits.find((misfit) => misfit.step === step.id)?.sentence ?? null}
            pointedAt={pointed === step.id}
            onPoint={() => onPoint(pointed === step.id ? null : step.id)}
            onChange={(changed) => put(place, changed)}
            onMove={place === 0 ? null : (by) => move(place, by)}
            onRemove={place === 0 ? null : () => onChange(steps.filter((_, at) => at !== place))}
          />
        ))}
      </ol>
      {offers.map((offer) => (
        <p key={offer.id} className="offer">
          It seems to need: {sayStep(offer)}.{' '}
          <Act onClick={() => onChange([...steps, offer])}>Add this sentence</Act>
        </p>
      ))}
    </section>
  );
}

interface AddStepProps {
  columns: readonly string[];
  taken: readonly string[];
  onAdd: (step: Step) => void;
}

function AddStep({ columns, taken, onAdd }: AddStepProps) {
  const idFor = (kind: string) => {
    let number = 1;
    while (taken.includes(`${kind}-${number}`)) number += 1;
    return `${kind}-${number}`;
  };
  return (
    <Menu
      label="Add a sentence"
      items={stepKinds
        .filter(({ kind }) => kind !== 'head')
        .map(({ kind, name }) => ({
          label: name,
          act: () =>
            onAdd({
              ...kindOf({ kind }).draft(columns),
              id: idFor(kind),
              kind,
            } as Step),
        }))}
    >
      Add a sentence
    </Menu>
  );
}
