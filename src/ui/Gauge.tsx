/** How full something is, in a tube lying down; `least` is where it asks to be filled. Shares of one. */
export function Gauge({ share, least, label }: { share: number; least: number; label: string }) {
  const full = Math.round(Math.max(0, Math.min(1, share)) * 100);
  const low = share <= least;
  return (
    <span
      role="img"
      aria-label={`${label}: ${full}% full`}
      className="relative block h-3.5 w-full overflow-hidden rounded-full border border-ink/50 bg-tube"
    >
      <span className={`absolute inset-y-0 left-0 ${low ? 'bg-watch' : 'bg-glaze/70'}`} style={{ width: `${full}%` }} />
      <span className="absolute inset-y-0 w-px bg-ink" style={{ left: `${least * 100}%` }} />
    </span>
  );
}
