import type { ButtonHTMLAttributes } from 'react';

type Kind = 'deep' | 'plain' | 'bare';

const LOOK: Record<Kind, string> = {
  deep: 'bg-glaze text-onglaze border-glaze font-semibold hover:brightness-110',
  plain: 'bg-paper text-ink border-glaze/70 hover:border-glaze hover:bg-stream',
  bare: 'border-transparent text-glaze hover:underline underline-offset-4 px-1',
};

export const buttonLook = (kind: Kind = 'plain'): string =>
  `inline-flex items-center justify-center gap-2 rounded-[3px] border px-3 min-h-9 pointer-coarse:min-h-[44px] text-[0.93rem] leading-tight text-left disabled:opacity-45 ${LOOK[kind]}`;

export function Button({
  kind = 'plain',
  className = '',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { kind?: Kind }) {
  return <button type="button" className={`${buttonLook(kind)} ${className}`} {...rest} />;
}
