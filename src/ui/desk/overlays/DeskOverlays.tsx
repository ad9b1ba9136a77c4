'use client';

import { Suspense, useEffect } from 'react';
import { calledLine } from '@/core/tell/sheet/calledLine';
import type { CallSheet } from '@/core/tell/sheet/callSheet';
import type { DeskReading } from '@/core/tell/reading/reading';
import type { FactorName } from '@/core/search/changes/factors';
import type { Shot } from '@/core/ground/situation/shot';
import type { Overlay } from '../commands/overlays';
import type { Command } from '../../kit/commands';
import {
  ByHand,
  CallMap,
  Compare,
  fetchOverlays,
  KeepDialog,
  KeySheet,
  Palette,
  ReadingsDrawer,
  RulesAndCare,
  SchoolsTable,
  TypeLine,
} from './lazy';
import { faultFor } from '../state/situation';
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
  commands: readonly Command[];
  /** Told when the reading that stands has been kept. */
  onKept: () => void;
}

/** Everything that opens over the desk, one at a time. */
export function DeskOverlays(props: DeskOverlaysProps) {
  useEffect(fetchOverlays, []);
  return <Suspense>{props.which && <Opened {...props} which={props.which} />}</Suspense>;
}

function Opened(props: DeskOverlaysProps & { which: Overlay }) {
  const { onWhich, player, reading, onReading, situation, shot, here, sheet } = props;
  const { keep } = useReadingChanges();
  const calls = sheet?.calls ?? [];
  const [best] = calls;
  const state = { open: true, onOpenChange: (open: boolean) => !open && onWhich(null) };
  switch (props.which) {
    case 'keep':
      return (
        <KeepDialog
          {...state}
          suggestion={`${player.name}, ${calledLine(best)}`}
          onKeep={async (name) => {
            const called = calledLine(best);
            const fault = await keep({ name, playerId: player.id, shot: reading.shot, called });
            if (fault === null) props.onKept();
            return fault;
          }}
        />
      );
    case 'map':
      return <CallMap {...state} situation={situation} here={here} />;
    case 'schools':
      return <SchoolsTable {...state} sheet={sheet} />;
    case 'hand':
      return <ByHand {...state} situation={situation} calls={calls} />;
    case 'compare':
      return <Compare {...state} calls={calls} />;
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
            onWhich(null);
          }}
        />
      );
    case 'palette':
      return <Palette {...state} commands={props.commands} />;
  }
}
