import type { WayToBegin } from '@/core/cultures/guides/guide';
import { Choice } from '@/ui/controls/choice';
import { wayGroups, waysOf } from './begin-form';

/** What is begun, and from what where there is more than one way. */
export function WayChoice({
  way,
  onWay,
}: {
  readonly way: WayToBegin;
  readonly onWay: (id: string) => void;
}) {
  const ways = waysOf(way.group);
  return (
    <>
      <Choice
        label="Kind"
        options={wayGroups.map((group) => ({ value: group, label: group }))}
        value={way.group}
        onChange={(group) => onWay(waysOf(group)[0]!.id)}
      />
      {ways.length > 1 ? (
        <Choice
          label="Begun from"
          options={ways.map(({ id, name }) => ({ value: id, label: capital(name) }))}
          value={way.id}
          onChange={onWay}
        />
      ) : null}
    </>
  );
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
