import { sayProblem } from '../api';
import { Button } from '../controls';

interface SendPartProps {
  /** what its button says */
  label: string;
  sending: { error?: unknown; isLoading: boolean };
  primary?: boolean;
}

/** What a form ends with: why it was not taken, and its button. */
export function SendPart({ label, sending, primary }: SendPartProps) {
  return (
    <>
      {sending.error !== undefined && (
        <p className="problem" role="alert">
          {sayProblem(sending.error)}
        </p>
      )}
      <Button submit primary={primary} busy={sending.isLoading}>
        {label}
      </Button>
    </>
  );
}
