'use client';

import { calledLine, keptLine } from '@/core/tell/sheet/calledLine';
import type { Answer } from '@/core/tell/answer/answer';
import type { DeskReading } from '@/core/contract/reading/reading';
import type { FactorName } from '@/core/search/changes/factors';
import type { Shot } from '@/core/ground/situation/shot';
import type { Overlay } from '../commands/overlays';
import type { Command } from '../../kit/commands';
import { CallMap } from '../../callmap/CallMap';
import { KeySheet } from '../../frame/KeySheet';
import { Palette } from '../../frame/Palette';
import { AllFields } from './AllFields';
import { ByHand } from './ByHand';
import { Compare } from './Compare';
import { KeepDialog } from './KeepDialog';
import { ReadingsDrawer } from './ReadingsDrawer';
import { RulesAndCare } from './RulesAndCare';
import { SchoolsTable } from './SchoolsTable';
import { TypeLine } from './TypeLine';
import { faultFor } from '../state/situation';
import type { RosterPlayer } from '@/core/lesson/players/player';
import type { KeptReading } from '@/core/contract/reading/kept';
import { useReadingChanges } from '../state/useReadings';
import { useWholeAnswer } from '../state/useWholeAnswer';
import type { Closable } from '../../kit/Overlay';
import type { SetFields } from '../../reading/LengthPanel';

export interface OpenedProps {
  which: Overlay;
  /** Told which is to be closed; another may have been opened in its place meanwhile. */
  onClosed: (which: Overlay) => void;
  player: RosterPlayer;
  reading: DeskReading;
  onReading: (reading: DeskReading) => void;
  /** Sets fields of the shot; gives back what is wrong, or null. */
  onFields: SetFields;
  situation: object;
  shot: Shot;
  here: Record<FactorName, number>;
  answer: Answer | undefined;
  readings: readonly KeptReading[];
  commands: readonly Command[];
  /** Told when the reading that stands has been kept. */
  onKept: () => void;
}

interface AllCallsProps extends Closable {
  which: 'schools' | 'hand' | 'compare';
  situation: object;
  /** The calls that the desk was told at first: they stand until the others are there. */
  first: Answer | undefined;
}

/** What is opened of all calls of the sheet. */
function AllCalls({ which, situation, first, onClose }: AllCallsProps) {
  const { whole, failure } = useWholeAnswer(situation);
  if (which === 'schools')
    return <SchoolsTable sheet={whole?.sheet} failure={failure} onClose={onClose} />;
  const { sheet, setups } = whole ?? first ?? { sheet: { calls: [] }, setups: [] };
  const { calls } = sheet;
  return which === 'hand' ? (
    <ByHand situation={situation} calls={calls} setups={setups} onClose={onClose} />
  ) : (
    <Compare calls={calls} onClose={onClose} />
  );
}

/** What lies over the desk. */
export function Opened(props: OpenedProps) {
  const { which, onClosed, player, reading, onReading, situation, shot, here, answer } = props;
  const { keep } = useReadingChanges();
  const sheet = answer?.sheet;
  const calls = sheet?.calls ?? [];
  const [best] = calls;
  const state = { onClose: () => onClosed(which) };
  switch (which) {
    case 'keep':
      return (
        <KeepDialog
          {...state}
          suggestion={`${player.name}, ${calledLine(best)}`}
          onKeep={async (name) => {
            const fault = await keep({
              name,
              playerId: player.id,
              shot: reading.shot,
              called: keptLine(best),
            });
            if (fault === null) props.onKept();
            return fault;
          }}
        />
      );
    case 'map':
      return <CallMap {...state} situation={situation} here={here} />;
    case 'schools':
    case 'hand':
    case 'compare':
      return <AllCalls {...state} which={which} situation={situation} first={answer} />;
    case 'type':
      return (
        <TypeLine
          {...state}
          shot={reading.shot}
          onShot={(next) => {
            const fault = faultFor(player, next);
            if (fault === null) onReading({ ...reading, shot: next });
            return fault;
          }}
        />
      );
    case 'fields':
      return <AllFields {...state} shot={reading.shot} resolved={shot} onFields={props.onFields} />;
    case 'rules':
      return <RulesAndCare {...state} shot={shot} call={best} />;
    case 'keys':
      return <KeySheet {...state} commands={props.commands} />;
    case 'readings':
      return (
        <ReadingsDrawer
          {...state}
          first={props.readings}
          onReopen={({ playerId, shot: kept }) => {
            onReading({ player: playerId, shot: kept });
            state.onClose();
          }}
        />
      );
    case 'palette':
      return <Palette {...state} commands={props.commands} />;
  }
}
