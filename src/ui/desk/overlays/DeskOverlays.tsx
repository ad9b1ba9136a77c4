'use client';

import { calledLine } from '@/core/tell/sheet/calledLine';
import type { CallSheet } from '@/core/tell/sheet/callSheet';
import type { DeskReading } from '@/core/tell/reading/reading';
import type { FactorName } from '@/core/search/changes/factors';
import type { Shot } from '@/core/ground/situation/shot';
import { CallMap } from '../../callmap/CallMap';
import { Palette, type PaletteAction } from '../../frame/Palette';
import { KeySheet } from '../../frame/KeySheet';
import { ByHand } from './ByHand';
import { Compare } from './Compare';
import { KeepDialog } from './KeepDialog';
import { KEYS, type Overlay } from '../keys/overlays';
import { ReadingsDrawer } from './ReadingsDrawer';
import { RulesAndCare } from './RulesAndCare';
import { SchoolsTable } from './SchoolsTable';
import { faultFor } from '../state/situation';
import { TypeLine } from './TypeLine';
import type { RosterPlayer } from '@/core/lesson/players/player';
import type { KeptReading } from '@/core/tell/reading/kept';
import { useReadingChanges } from '../state/useReadings';

interface DeskOverlaysProps {
  which: Overlay | null;
  onWhich: (which: Overlay | null) => void;
  player: RosterPlayer;
  reading: DeskReading;
  onReading: (reading: DeskReading) => void;
  situation: object;
  shot: Shot;
  here: Record<FactorName, number>;
  sheet: CallSheet | undefined;
  readings: readonly KeptReading[];
  actions: readonly PaletteAction[];
  /** Told when the reading that stands has been kept. */
  onKept: () => void;
}

/** Everything that opens over the desk. */
export function DeskOverlays(props: DeskOverlaysProps) {
  const { which, onWhich, player, reading, onReading, situation, shot, here, sheet } = props;
  const { keep } = useReadingChanges();
  const best = sheet?.calls[0];
  const overlay = (name: Overlay) => ({
    open: which === name,
    onOpenChange: (open: boolean) => onWhich(open ? name : null),
  });
  return (
    <>
      <KeepDialog
        {...overlay('keep')}
        suggestion={`${player.name}, ${calledLine(best)}`}
        onKeep={async (name) => {
          const called = calledLine(best);
          const fault = await keep({ name, playerId: player.id, shot: reading.shot, called });
          if (fault === null) props.onKept();
          return fault;
        }}
      />
      <CallMap situation={situation} here={here} {...overlay('map')} />
      <SchoolsTable sheet={sheet} {...overlay('schools')} />
      <ByHand situation={situation} calls={sheet?.calls ?? []} {...overlay('hand')} />
      <Compare calls={sheet?.calls ?? []} {...overlay('compare')} />
      <TypeLine
        shot={reading.shot}
        {...overlay('type')}
        onShot={(next) => {
          const fault = faultFor(player, next);
          if (fault === null) onReading({ ...reading, shot: next });
          return fault;
        }}
      />
      <RulesAndCare shot={shot} call={best} {...overlay('rules')} />
      <KeySheet keys={KEYS} {...overlay('keys')} />
      <ReadingsDrawer
        first={props.readings}
        {...overlay('readings')}
        onReopen={({ playerId, shot: kept }) => {
          onReading({ player: playerId, shot: kept });
          onWhich(null);
        }}
      />
      <Palette actions={props.actions} {...overlay('palette')} />
    </>
  );
}
