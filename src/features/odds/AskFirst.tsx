interface Props {
  /** "Weigh every pair" */
  readonly what: string;
  readonly onAsk: () => void;
}

/** What takes long in a large tree is found when it is asked for. */
export function AskFirst({ what, onAsk }: Props) {
  return (
    <p>
      <button type="button" className="min-h-8 underline" onClick={onAsk}>
        {what}
      </button>{' '}
      <span className="text-soft">In a tree as large as this it takes a while.</span>
    </p>
  );
}
