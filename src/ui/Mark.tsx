import { type Severity, SEVERITY_WORDS } from '@/core/balance/severity';
import { sentence } from './words';

/** Severity as shape, word and colour: a drop that sits level, a drop that leans, a crossed one. */
export function Mark({ severity, withWord = false }: { severity: Severity; withWord?: boolean }) {
  return (
    <span className="inline-flex items-center gap-1.5">
      <svg width="11" height="11" viewBox="0 0 12 12" role="img" aria-label={sentence(SEVERITY_WORDS[severity])}>
        {severity === 'good' && <circle cx="6" cy="6" r="4" fill="none" stroke="var(--glaze)" strokeWidth="1.6" />}
        {severity === 'watch' && (
          <path d="M6 1 11 10.5H1Z" fill="var(--watch)" stroke="var(--watch-ink)" strokeWidth="0.8" />
        )}
        {severity === 'wrong' && (
          <path d="M2 2 10 10M10 2 2 10" stroke="var(--wrong)" strokeWidth="2.6" strokeLinecap="round" />
        )}
      </svg>
      {withWord && (
        <span className={severity === 'wrong' ? 'text-wrong' : severity === 'watch' ? 'text-watchink' : 'text-glaze'}>
          {sentence(SEVERITY_WORDS[severity])}
        </span>
      )}
    </span>
  );
}
