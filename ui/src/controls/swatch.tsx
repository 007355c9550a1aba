interface Props {
  raw: string;
  cured: string;
  size?: number;
}

/** The half-moon swatch: raw on the left half, cured on the right. It stands beside the name, so it says nothing. */
export function Swatch({ raw, cured, size = 16 }: Props) {
  const r = size / 2;
  return (
    <svg width={size} height={size} viewBox={`0 0 ${size} ${size}`} aria-hidden="true" className="shrink-0">
      <path d={`M${r} 0.5A${r - 0.5} ${r - 0.5} 0 0 0 ${r} ${size - 0.5}Z`} fill={raw} />
      <path d={`M${r} 0.5A${r - 0.5} ${r - 0.5} 0 0 1 ${r} ${size - 0.5}Z`} fill={cured} />
      <circle cx={r} cy={r} r={r - 0.5} fill="none" stroke="#16201d" strokeOpacity="0.35" />
    </svg>
  );
}
