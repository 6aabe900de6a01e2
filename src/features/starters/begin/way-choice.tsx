import { useState } from 'react';
import type { WayToBegin } from '@/core/cultures/guides/guide';
import { waysToBegin } from '@/core/cultures/guides/registry';
import { drinksNamed } from '@/core/recipes/drink-names';
import { Choice } from '@/ui/controls/choice';
import { TextBox } from '@/ui/controls/text-box';
import { wayGroups, waysOf } from './begin-form';
import { capital } from '@/core/capital';
import { t } from '@/core/language/t';

/** What is begun, and from what where there is more than one way. */
export function WayChoice({
  way,
  onWay,
}: {
  readonly way: WayToBegin;
  readonly onWay: (id: string) => void;
}) {
  const ways = waysOf(way.group);
  const [sought, setSought] = useState('');
  const { cultures } = drinksNamed(sought);
  const found = waysToBegin.filter(({ culture }) => cultures.includes(culture.id));
  return (
    <>
      <TextBox
        label={t`Its name, if you know it by another`}
        value={sought}
        onChange={setSought}
        hint={t`Tepache, tibicos, scoby…`}
      />
      {found.length > 0 ? (
        <Choice
          label={t`Known as that`}
          options={found.map(({ way: { id, group, name } }) => ({ value: id, label: `${group}, ${name}` }))}
          value={null}
          onChange={(id) => {
            setSought('');
            onWay(id);
          }}
        />
      ) : null}
      <Choice
        label={t`Kind`}
        options={wayGroups.map((group) => ({ value: group, label: group }))}
        value={way.group}
        onChange={(group) => onWay(waysOf(group)[0]!.id)}
      />
      {ways.length > 1 ? (
        <Choice
          label={t`Begun from`}
          options={ways.map(({ id, name }) => ({ value: id, label: capital(name) }))}
          value={way.id}
          onChange={onWay}
        />
      ) : null}
    </>
  );
}
