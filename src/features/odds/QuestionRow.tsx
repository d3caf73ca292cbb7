import { KNOWING_QUESTION, ODDS_QUESTION, type OddsQuestion } from '@/core/odds';
import { Select } from '@/ui/Select';
import { StripButton } from '@/ui/StripButton';

/** What can be asked; how it really went is for the rounds that were recorded. */
export type Asked = OddsQuestion['ask'] | 'observed';

const WORDS: Readonly<Record<Asked, string>> = {
  opponent: 'If he plays his usual game',
  knowing: 'If he knows your game',
  observed: 'As it really went',
};
const FREELY = [
  ['0.15', 'now and then'],
  [String(KNOWING_QUESTION.freely), 'a third of the time'],
  [String(2 / 3), 'two thirds of the time'],
  ['1', 'always'],
] as const;
const READ = [
  ['1', 'always'],
  ['0.75', 'mostly'],
  ['0.5', 'half the time'],
  ['0.25', 'seldom'],
  ['0', 'never'],
] as const;

interface Props {
  readonly asked: Asked;
  readonly question: OddsQuestion;
  readonly onAsk: (asked: Asked) => void;
  readonly onQuestion: (question: OddsQuestion) => void;
}

/** The question for the asked kind, with the length of the round as it was. */
export const questionFor = (asked: Exclude<Asked, 'observed'>, roundSeconds: number): OddsQuestion =>
  asked === 'knowing' ? { ...KNOWING_QUESTION, roundSeconds } : { ...ODDS_QUESTION, roundSeconds };

/** Which of the three questions is asked, and how well he is read and how freely he picks. */
export function QuestionRow({ asked, question, onAsk, onQuestion }: Props) {
  return (
    <div
      role="group"
      aria-label="The question"
      className="flex flex-wrap items-baseline gap-x-6 border-b border-hair px-5 font-figure text-[15px]"
    >
      {(Object.keys(WORDS) as Asked[]).map((one) => (
        <StripButton key={one} chosen={one === asked} onClick={() => onAsk(one)}>
          {WORDS[one]}
        </StripButton>
      ))}
      {asked !== 'observed' && (
        <Select
          label="I see what he shows before I choose"
          labelled="beside"
          value={String(question.readSkill)}
          options={READ}
          onChange={(given) => onQuestion({ ...question, readSkill: Number(given) })}
        />
      )}
      {question.ask === 'knowing' && asked === 'knowing' && (
        <Select
          label="He picks what hurts most"
          labelled="beside"
          value={String(question.freely)}
          options={FREELY}
          onChange={(given) => onQuestion({ ...question, freely: Number(given) })}
        />
      )}
    </div>
  );
}
