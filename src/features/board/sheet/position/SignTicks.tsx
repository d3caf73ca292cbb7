import { SIGN_GROUPS } from '@/core/catalogue';
import { Tick } from './Tick';

interface Props {
  readonly signs: readonly string[];
  readonly onChange: (signs: readonly string[]) => void;
}

/** What is seen at a place at a glance, for the read finder. */
export function SignTicks({ signs: now, onChange }: Props) {
  const set = (sign: string, on: boolean) => onChange(on ? [...now, sign] : now.filter((item) => item !== sign));
  return SIGN_GROUPS.map(({ group, signs }) => (
    <fieldset key={group} className="mt-1">
      <legend className="text-[13px] text-soft">{group}</legend>
      {Object.entries(signs).map(([sign, words]) => (
        <Tick key={sign} checked={now.includes(sign)} onChange={(on) => set(sign, on)}>
          {words}
        </Tick>
      ))}
    </fieldset>
  ));
}
