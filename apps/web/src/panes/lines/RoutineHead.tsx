import type { Routine } from '@tavu/core/model';
import { useStudio } from '../../store';
import { newRoutine } from './begin';
import { setLines } from './chosen';
import { Which } from './Which';

/** Routine is open, and what calls it. */
export function RoutineHead({ routine }: { routine: Routine }) {
  const project = useStudio((studio) => studio.project);
  const calls = (project.conversations ?? []).filter((conversation) =>
    JSON.stringify(conversation.steps).includes(`"routine":"${routine.id}"`),
  );
  return (
    <header className="shrink-0 space-y-1 border-b border-line bg-mist px-3 py-1.5">
      <Which
        open={routine}
        all={project.routines ?? []}
        what="routine"
        onOpen={(id) => setLines({ routine: id, step: null, picked: [] })}
        onNew={newRoutine}
      >
        <span className="text-sm text-soft">
          {calls.length === 0
            ? 'called by nobody yet'
            : `called by ${calls.map((call) => call.name).join(', ')}`}
        </span>
      </Which>
    </header>
  );
}
