'use client';
import { Button } from '@/ui/Button';
import { useWorkspace } from '../shell/store';
import { saveAsFile } from '../shell/tell';

const CLOCK = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

/** Whether what is on the screen is kept; and where it is not, what can be done about it. */
export function SavedSign() {
  const saving = useWorkspace((s) => s.saving);
  const again = useWorkspace((s) => s.again);
  if (saving.state === 'failed')
    return (
      <span role="alert" className="flex items-center gap-1 whitespace-nowrap text-[0.88rem]">
        <span className="font-semibold text-wrong">Not saved</span>
        <Button kind="bare" onClick={again}>
          Try again
        </Button>
        <Button
          kind="bare"
          onClick={() => {
            const { history } = useWorkspace.getState();
            if (history) saveAsFile(history.now);
          }}
        >
          Save as a file
        </Button>
      </span>
    );
  const at = saving.state === 'saved' ? saving.at : null;
  return (
    <span className="whitespace-nowrap text-[0.84rem] text-quiet">
      {saving.state === 'saving' ? 'Saving…' : at !== null ? `Saved ${CLOCK.format(at)}` : ''}
    </span>
  );
}
