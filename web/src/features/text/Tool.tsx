type Props = { name: string; isOn?: boolean; onPress: () => void };

/** A word in the row of tools under typed text; pressing it leaves the cursor where it is. */
export const Tool = ({ name, isOn, onPress }: Props) => (
  <button
    type="button"
    aria-pressed={isOn}
    className={toolLook(isOn)}
    onMouseDown={(event) => event.preventDefault()}
    onClick={onPress}
  >
    {name}
  </button>
);

export const toolLook = (isOn = false) =>
  `min-h-6 rounded border px-1.5 ${isOn ? 'border-petrol bg-petrol-wash text-ink' : 'border-line text-soft hover:text-ink'}`;
