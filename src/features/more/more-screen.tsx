import { atBase } from '@/ui/files/at-base';
import { Fragment } from 'react';
import { useDispatch } from 'react-redux';
import { buildName } from '@/store/environment';
import { lookChosen, rememberLook } from '@/store/look-slice';
import { selectLook } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { Press } from '@/ui/controls/press';
import { RowLink } from '@/ui/controls/row-link';
import { Rule } from '@/ui/controls/rule';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { useRoles } from '@/ui/theme/use-roles';
import { LanguageCard } from './language-card';
import { t } from '@/core/language/t';

const looks = [
  { value: 'system', label: t`As the device` },
  { value: 'day', label: t`Day` },
  { value: 'night', label: t`Night` },
] as const;

const doors = [
  {
    href: '/places',
    title: t`Places and hours`,
    words: t`How warm each place is, by day and night; and when you are up.`,
  },
  {
    href: '/bottles',
    title: t`Bottles and jars`,
    words: t`What there is, what is full, what each bears; how careful to be.`,
  },
  {
    href: '/back',
    title: t`Looking back`,
    words: t`Past batches, whether the forecast was right, what each likes, what it saved.`,
  },
  {
    href: '/clock',
    title: t`The kitchen’s clock`,
    words: t`Every jar, brew and bottle on one axis of time.`,
  },
  { href: '/workbook', title: t`Workbook`, words: t`Spoons, gravity, cooling, priming: small sums.` },
  { href: '/jars', title: t`How jars are drawn`, words: t`Each kind, asleep, at work and lively.` },
  { href: '/data', title: t`Data`, words: t`Save the journal to a file, bring one in, start over.` },
  {
    href: '/cautions',
    title: t`Cautions`,
    words: t`Glass, mould, alcohol, allergies: what to mind, in one place.`,
  },
] as const;

/** What is not needed with wet hands. */
export function MoreScreen() {
  const roles = useRoles();
  const dispatch = useDispatch();
  const look = useAppSelector(selectLook);
  return (
    <Screen title={t`More`}>
      <Card style={{ paddingVertical: 4, gap: 0 }}>
        {doors.map((door, i) => (
          <Fragment key={door.href}>
            {i > 0 ? <Rule /> : null}
            <RowLink title={door.title} words={door.words} href={door.href} />
          </Fragment>
        ))}
      </Card>
      <Card>
        <Text as="subheading" level={2}>{t`Light`}</Text>
        <Choice
          label={t`Light`}
          options={looks}
          value={look}
          onChange={(choice) => {
            dispatch(lookChosen(choice));
            rememberLook(choice);
          }}
        />
      </Card>
      <LanguageCard />
      <Text color={roles.softText}>{t`Yuzet ${buildName()}`}</Text>
      <Press
        role="link"
        aria-label={t`Third-party notices`}
        onPress={() => window.location.assign(atBase('third-party-notices.txt'))}
        style={{ alignSelf: 'flex-start' }}
      >
        <Text as="strong" color={roles.brew}>{t`Third-party notices`}</Text>
      </Press>
    </Screen>
  );
}
