import { useState } from 'react';
import { ceilings } from '@/core/settings/alcohol-ceiling';
import { peopleOf } from '@/core/settings/person';
import type { WishTerms } from '@/core/settings/wish';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { ChipRow } from '@/ui/controls/chip-row';
import { Choice } from '@/ui/controls/choice';
import { FoldLine } from '@/ui/controls/fold-line';
import { Text } from '@/ui/controls/text';
import { inARow } from '@/words/amounts';
import { t } from '@/core/language/t';

const musts = [
  { value: 'noHoney', label: t`No honey` },
  { value: 'noFeeding', label: t`No feeding first` },
] as const;

/** What it must and must not be, in one row. @param nameOf of a person, by key */
export function termsWords(terms: WishTerms, nameOf: (key: string) => string | undefined): string {
  const name = terms.person === undefined ? undefined : nameOf(terms.person);
  const said = [
    name === undefined ? null : t`for ${name}`,
    terms.ceiling === undefined ? null : t`alcohol at most ${terms.ceiling} %`,
    terms.noHoney ? t`no honey` : null,
    terms.noFeeding ? t`no feeding first` : null,
  ].filter((each) => each !== null);
  return said.length === 0 ? t`Anybody` : inARow(said);
}

interface Props {
  readonly terms: WishTerms;
  readonly onChange: (terms: WishTerms) => void;
}

/** For whom it is, and what it must not be: one line until it is opened. */
export function WishTermsLine({ terms, onChange }: Props) {
  const [open, setOpen] = useState(false);
  const people = peopleOf(useAppSelector(selectHousehold));
  const { person: _person, ceiling: _ceiling, ...rest } = terms;
  const set = (change: { readonly person?: string; readonly ceiling?: number }) => {
    const { person = terms.person, ceiling = terms.ceiling } = change;
    onChange({ ...rest, ...(person ? { person } : {}), ...(ceiling ? { ceiling } : {}) });
  };
  const toggle = (key: (typeof musts)[number]['value']) => {
    const { [key]: before, ...others } = terms;
    onChange(before ? others : { ...others, [key]: true });
  };
  return (
    <FoldLine
      title={t`For whom`}
      summary={termsWords(terms, (key) => people.find((each) => each.key === key)?.name)}
      open={open}
      onPress={() => setOpen(!open)}
    >
      {people.length > 0 ? (
        <Choice
          titled
          label={t`As sweet as`}
          options={[
            { value: '', label: t`the recipe` },
            ...people.map(({ key, name }) => ({ value: key, label: name })),
          ]}
          value={terms.person ?? ''}
          onChange={(person) => set({ person })}
        />
      ) : null}
      <Choice
        titled
        label={t`Alcohol at most`}
        options={[
          { value: 0, label: t`any` },
          ...ceilings.map((percent) => ({ value: percent as number, label: `${percent} %` })),
        ]}
        value={terms.ceiling ?? 0}
        onChange={(ceiling) => set({ ceiling })}
      />
      <ChipRow
        label={t`It must be`}
        pick="any"
        options={musts}
        isOn={(key) => terms[key] === true}
        onPress={toggle}
      />
      <Text>{t`Every living soda holds some alcohol. Infants under one year take no honey.`}</Text>
    </FoldLine>
  );
}
