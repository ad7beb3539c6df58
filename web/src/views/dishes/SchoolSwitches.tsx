import { answerKey, answersTo, type PracticeName, type Practices } from '@zemrin/core';
import { Choice } from '../../ui/Choice.tsx';
import { useWords } from '../../words/words.ts';

/** Where cooks disagree about this chain: one answer each, with its reason. */
export function SchoolSwitches(props: {
  asked: readonly PracticeName[];
  schools: Practices;
  onChoose: (school: PracticeName, to: string) => void;
}) {
  const { asked, schools, onChoose } = props;
  const t = useWords();
  return (
    <section className="mt-5">
      <h3 className="text-[15px] text-muted">{t('dishes.schools')}</h3>
      <p className="text-sm text-muted">{t('dishes.schoolsMore')}</p>
      <div className="mt-2 grid gap-x-4 gap-y-3 sm:grid-cols-2">
        {asked.map((school) => (
          <div key={school}>
            <Choice
              label={t(`school.${school}`)}
              value={String(schools[school])}
              options={answersTo(school).map(({ answer, key }) => [answer, t(`school.${key}`)])}
              onChoose={(to) => onChoose(school, to)}
            />
            <p className="mt-1 text-sm text-muted">
              {t(`school.${answerKey(school, schools)}.why`)}
            </p>
          </div>
        ))}
      </div>
    </section>
  );
}
