import { Modal } from 'antd';
import { useDispatch } from 'react-redux';
import { withoutSlots } from '../../core/labels';
import { benchActions, type SaveState } from './benchSlice';
import { Act, Button } from '../controls';

const time = (at: number) =>
  new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });

/** Whether the chart is saved; when somebody else has saved meanwhile, the choice between the two. */
export function SaveLine({ chartId, save }: { chartId: number; save: SaveState }) {
  const dispatch = useDispatch();
  const words = {
    saved: save.kind === 'saved' && save.at !== null ? `Saved ${time(save.at)}` : 'Saved',
    unsaved: 'Saving',
    saving: 'Saving',
    failed: 'Not saved',
    conflict: 'Not saved',
  }[save.kind];
  return (
    <>
      <span className={`save-line ${save.kind}`} role="status">
        {words}
      </span>
      {save.kind === 'failed' && (
        <Act onClick={() => dispatch(benchActions.retried(chartId))}>Try again</Act>
      )}
      {save.kind === 'conflict' && (
        <Modal
          open
          closable={false}
          title="Somebody else has changed this chart"
          footer={[
            <Button key="theirs" onClick={() => dispatch(benchActions.theirsTaken())}>
              Take theirs
            </Button>,
            <Button key="mine" primary onClick={() => dispatch(benchActions.mineKept())}>
              Keep mine
            </Button>,
          ]}
        >
          <p>
            Their chart is “{withoutSlots(save.theirs.definition.title)}”, with{' '}
            {save.theirs.definition.series.length} series,{' '}
            {save.theirs.definition.yardsticks.length} yardsticks and{' '}
            {save.theirs.definition.colourRules.length} colour rules.
          </p>
          <p className="quiet">
            Keep yours and theirs is replaced; take theirs and yours stays one Undo away.
          </p>
        </Modal>
      )}
    </>
  );
}
