'use client';
import type { WineFacts } from '@rose/core/wine/facts';
import type { NoteDocument } from '@rose/core/wine/note';
import { hazeReasons } from '@rose/knowledge/faults/index';

/** Why a wine may not be clear: harmless reasons and faults, from the same triage as a doubtful nose. A haze alone raises no alarm. */
export function Haze({ doc, facts, day }: { doc: NoteDocument; facts: WineFacts | undefined; day: string }) {
  const { harmless, faults } = hazeReasons(doc, facts, day);
  return (
    <p role="status" style={{ color: 'var(--soft)', fontSize: '0.875rem', margin: '4px 0 8px' }}>
      Not clear. {harmless.length > 0 ? `It may be harmless: ${harmless.join('; ')}. ` : ''}
      {faults.length > 0 ? `Or ${faults.join(', or ')}. ` : ''}The nose decides; wipe a misted glass first.
    </p>
  );
}
