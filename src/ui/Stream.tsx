import Link from 'next/link';

export interface Stop {
  key: string;
  text: string;
  href: string;
  state: 'done' | 'todo' | 'wrong';
}

const STOP_LOOK: Record<Stop['state'], string> = {
  done: 'size-3 my-0.5 bg-glaze border-glaze',
  todo: 'size-3 my-0.5 bg-ground border-line',
  wrong: 'size-3 my-0.5 bg-wrong border-wrong rotate-45 rounded-none',
};

/** A station as a mark on the stream. */
export const StopMark = ({ state, here }: { state: Stop['state']; here: boolean }) => (
  <span
    aria-hidden
    className={`block shrink-0 rounded-full border-2 ${here ? 'size-4 border-[3px] border-glaze bg-ground' : STOP_LOOK[state]}`}
  />
);

/** The stations along their stream: how far the water has come is how far the job has. */
export function Stream({ stops, current }: { stops: readonly Stop[]; current: string }) {
  const here = stops.findIndex((s) => s.key === current);
  const wave = (from: number, to: number) =>
    Array.from({ length: 41 }, (_, i) => from + ((to - from) * i) / 40)
      .map((x, i) => `${i ? 'L' : 'M'}${x.toFixed(1)} ${(8 + 2.6 * Math.sin(x / 17)).toFixed(2)}`)
      .join(' ');
  const step = 100;
  const end = stops.length * step;
  const reached = step / 2 + here * step;
  return (
    <nav aria-label="Pages" className="relative w-full max-w-[27rem]">
      <svg
        viewBox={`0 0 ${end} 16`}
        preserveAspectRatio="none"
        className="absolute inset-x-0 top-0 h-4 w-full"
        aria-hidden
      >
        <path
          d={wave(step / 2, end - step / 2)}
          fill="none"
          stroke="var(--line)"
          strokeWidth="2.5"
          vectorEffect="non-scaling-stroke"
        />
        <path
          d={wave(step / 2, reached)}
          fill="none"
          stroke="var(--glaze)"
          strokeWidth="3.5"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      <ol className="relative flex">
        {stops.map((s) => {
          const on = s.key === current;
          return (
            <li key={s.key} className="flex-1 text-center">
              <Link
                href={s.href}
                aria-current={on ? 'page' : undefined}
                className="group inline-flex flex-col items-center gap-0.5 px-1"
              >
                <StopMark state={s.state} here={on} />
                <span className={`text-[0.88rem] ${on ? 'font-bold' : 'text-quiet group-hover:text-ink'}`}>
                  {s.text}
                  {s.state === 'wrong' && <span className="sr-only">, problem here</span>}
                </span>
              </Link>
            </li>
          );
        })}
      </ol>
    </nav>
  );
}
