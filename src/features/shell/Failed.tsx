import { Button } from '@/ui/Button';

/** Something that could not be worked out: what, and a way to try it again. */
export function Failed({ what, error, again }: { what: string; error: Error; again: () => void }) {
  return (
    <div
      role="alert"
      className="flex flex-wrap items-center gap-x-3 gap-y-1 border-l-4 border-watch py-1 pl-3 text-[0.88rem]"
    >
      <p>
        {what} <span className="text-quiet">{error.message}</span>
      </p>
      <Button onClick={again}>Try again</Button>
    </div>
  );
}
