import { useRouter } from 'expo-router';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Choice } from '@/ui/controls/choice';
import { brewsToRepeat } from '../state/as-last-time';
import { t } from '@/core/language/t';

/** What was brewed before, laid out again as it was with one tap; there while nothing is composed yet. */
export function AgainChips() {
  const router = useRouter();
  const brews = brewsToRepeat(useAppSelector(selectHousehold));
  if (brews.length === 0) return null;
  return (
    <Choice
      titled
      label={t`As last time`}
      options={brews.map(({ id, name }) => ({ value: id, label: name }))}
      value={null}
      onChange={(id) => router.replace(`/brews/new?again=${id}`)}
    />
  );
}
