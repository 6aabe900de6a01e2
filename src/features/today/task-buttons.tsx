import { useRouter } from 'expo-router';
import type { Task } from '@/core/tasks/task';
import { InkButton } from '@/ui/controls/ink-button';
import { hrefOf } from '@/ui/layout/lot-href';
import { useAct } from '../acts/act-context';
import { ChillButtons } from './chill-buttons';
import { RoundList } from './round-list';
import { FeedButtons, RestButton } from './feed-buttons';
import { TasteButtons } from './taste-buttons';
import { PitchButton } from './pitch-button';
import { TendButtons } from './tend-buttons';
import { t } from '@/core/language/t';

interface Props {
  readonly task: Task;
  readonly now: number;
}

/** The button that says it is done, and quick looks beside it: no typing. */
export function TaskButtons({ task, now }: Props) {
  const act = useAct();
  const router = useRouter();
  const lot = task.lots[0]!;
  const see = (path: string) => router.navigate(path);
  switch (task.verb) {
    case 'feed':
      if (task.reason === 'starved')
        return (
          <InkButton
            label={t`How to bring it back`}
            hint={t`How to bring ${lot.name} back`}
            onPress={() => see(hrefOf(lot))}
          />
        );
      return task.parts ? <RoundList parts={task.parts} /> : <FeedButtons task={task} now={now} />;
    case 'rest':
    case 'wake':
      return <RestButton task={task} />;
    case 'chill':
      return <ChillButtons task={task} />;
    case 'open':
      return (
        <InkButton
          label={t`Open one`}
          hint={t`Open a bottle`}
          onPress={() => see(`/rack?bottle=${lot.id}`)}
        />
      );
    case 'pitch':
      return <PitchButton lot={lot} />;
    case 'bottle':
      return (
        <>
          {task.rule ? <TasteButtons rule={task.rule} now={now} /> : null}
          {task.reason === 'closed-jar' && task.from <= now ? (
            <InkButton
              label={t`Into the fridge`}
              hint={t`${lot.name} into the fridge`}
              onPress={() =>
                act({ kind: 'moved', lots: [lot.id], place: 'fridge' }, t`${lot.name} in the fridge.`)
              }
            />
          ) : null}
          <InkButton
            quiet={task.reason === 'closed-jar'}
            label={t`Taste or bottle`}
            hint={t`Taste or bottle ${lot.name}`}
            onPress={() => see(hrefOf(lot))}
          />
        </>
      );
    case 'tend':
      return <TendButtons task={task} />;
    case 'discard':
      return (
        <InkButton
          danger
          label={t`Discarded`}
          onPress={() =>
            act(
              { kind: 'ended', lots: [lot.id], how: 'discarded', why: t`Mould or a foul smell` },
              t`${lot.name}: discarded.`,
            )
          }
        />
      );
  }
}
