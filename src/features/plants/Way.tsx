/** One of the things that can be made of a planting, under its heading. */
export function Way({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <section className="flex flex-col gap-2">
      <h3 className="text-[0.93rem] text-quiet">{title}</h3>
      {children}
    </section>
  );
}
