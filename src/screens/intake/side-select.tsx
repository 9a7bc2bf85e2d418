import { SIDES, type Side } from "@/core/forms";
import { capital } from "@/core/words";

interface Props {
  readonly label: string;
  readonly side: Side;
  readonly onChange: (side: Side) => void;
  readonly className?: string;
}

/** Which of the two vehicles something is of. */
export function SideSelect({ label, side, onChange, className = "" }: Props) {
  return (
    <select
      aria-label={label}
      className={`field w-28 ${className}`}
      value={side}
      onChange={(event) => onChange(SIDES.find((one) => one === event.target.value) ?? "donor")}
    >
      {SIDES.map((one) => (
        <option key={one} value={one}>
          {capital(one)}
        </option>
      ))}
    </select>
  );
}
