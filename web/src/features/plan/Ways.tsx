import { memo } from 'react';
import type { FormulaSummary, School } from '../../api/client';
import { Pick } from '../../ui/fields';
import type { PlanForm } from './form';
import { FieldPair } from './plan.styles';

interface Props {
  choices: FormulaSummary['choices'];
  schools: School[];
  change: (to: Partial<PlanForm>) => void;
}

/** The ways of making it, where the formula offers several. */
export const Ways = memo(function Ways({ choices, schools, change }: Props) {
  if (choices.length === 0) return null;
  const choose = (school: School) =>
    change({ schools: [...schools.filter((s) => s.question !== school.question), school] });
  return (
    <FieldPair>
      {choices.map((c) => (
        <Pick
          key={c.question}
          label={c.question}
          options={c.options.map((o) => [o.name, o.name] as const)}
          value={schools.find((s) => s.question === c.question)?.option ?? c.options[0]?.name ?? ''}
          onPick={(option) => choose({ question: c.question, option })}
        />
      ))}
    </FieldPair>
  );
});
