import { useState } from 'react';
import { peopleOf } from '@/core/settings/person';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Choice } from '@/ui/controls/choice';
import { TextBox } from '@/ui/controls/text-box';
import { t } from '@/core/language/t';

interface Props {
  readonly value: string;
  readonly onChange: (name: string) => void;
}

/** Who sips: somebody of the household, whoever writes, or somebody else by name. */
export function TasterChoice({ value, onChange }: Props) {
  const people = peopleOf(useAppSelector(selectHousehold));
  const [other, setOther] = useState(false);
  const known = value === '' || people.some(({ name }) => name === value);
  return (
    <>
      <Choice
        titled
        label={t`Who sips`}
        options={[
          ...people.map(({ name }) => ({ value: name, label: name })),
          { value: '', label: t`Me` },
          { value: '?', label: t`Somebody else` },
        ]}
        value={other || !known ? '?' : value}
        onChange={(name) => {
          setOther(name === '?');
          onChange(name === '?' ? '' : name);
        }}
      />
      {other || !known ? (
        <TextBox label={t`Who`} value={value} onChange={(name) => onChange(name.slice(0, 80))} />
      ) : null}
    </>
  );
}
