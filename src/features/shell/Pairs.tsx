/** Keys or words, each with what it does or means. */
export const Pairs = ({ pairs }: { pairs: readonly (readonly [string, string])[] }) => (
  <dl className="grid grid-cols-[auto_1fr] gap-x-3 gap-y-1">
    {pairs.map(([k, v]) => (
      <div key={k} className="contents">
        <dt className="text-ink">{k}</dt>
        <dd className="text-quiet">{v}</dd>
      </div>
    ))}
  </dl>
);
