'use client';
import { routineLabel, type Routine } from '@rose/core/routine/routine';
import { SelectField } from '@/ui/select-field';

/** Another routine to follow from here on. */
export const RoutineChoice = ({
  routine,
  choices,
  choose,
}: {
  routine: Routine;
  choices: readonly Routine[];
  choose: (chosen: Routine | undefined) => void;
}) => (
  <SelectField
    label="Routine"
    value={routine.id}
    onChange={(chosen) => choose(choices.find((entry) => entry.id === chosen))}
    options={Object.fromEntries(choices.map((entry) => [entry.id, routineLabel(entry)]))}
  />
);
