'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { v7 } from 'uuid';
import type { NoteFile } from '@/contract/answers';
import { contract } from '@/contract/client';
import { useAct } from '@/ui/act';
import { ActForm } from '@/ui/act-form';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { ButtonLink } from '@/ui/button-link';
import { FileButton } from '@/ui/file-button';
import { TextField, Trouble } from '@/ui/field';
import { useMay } from '@/ui/here';

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: flex-end;
  margin: 0 0 18px;
  > form {
    display: flex;
    gap: 10px;
    align-items: flex-end;
  }
`;

/** Whether a file says that it is a note of ours; what is in it the server reads. */
const isNoteFile = (read: unknown): read is NoteFile => typeof read === 'object' && read !== null && 'kind' in read && read.kind === 'rose-compass/note';

/** Ways to a note that do not begin in the cellar: a wine by its name alone, hidden glasses, a note file read back. */
export function Begin() {
  const router = useRouter();
  const mayAddWines = useMay('cellar.edit');
  const [name, setName] = useState('');
  const act = useAct();
  const reading = useAct();
  return (
    <>
      <Row>
        {mayAddWines && (
          <ActForm
            act={act}
            onSubmit={() => {
              const given = name.trim();
              if (given === '') return;
              void act.run(async () => {
                const [wineId, id] = [v7(), v7()];
                await call(contract.wine.save, {
                  id: wineId,
                  baseRevision: 0,
                  writeId: v7(),
                  document: { schema: 1, name: given.slice(0, 200), producer: '', remark: '', facts: {}, lots: [] },
                });
                await call(contract.note.open, { id, wineId });
                router.push(`/notes/${id}`);
              });
            }}
          >
            <TextField label="A wine by its name alone" value={name} onChange={setName} placeholder="the rest can come later" />
            <Button type="submit" disabled={name.trim() === ''}>
              Assess it
            </Button>
          </ActForm>
        )}
        <ButtonLink href="/notes/deal">Deal hidden glasses</ButtonLink>
        <FileButton
          types={['application/json', '.json']}
          onFile={(file) => {
            void reading.run(async () => {
              let read: unknown;
              try {
                read = JSON.parse(await file.text());
              } catch {
                throw new Error(`${file.name} is not a note file: it is no JSON. Nothing was changed.`);
              }
              if (!isNoteFile(read)) throw new Error(`${file.name} is not a note file of ours. Nothing was changed.`);
              const { id } = await call(contract.note.import, { file: read });
              router.push(`/notes/${id}`);
            });
          }}
        >
          Read a note file back
        </FileButton>
      </Row>
      {reading.problem !== null && <Trouble role="alert">{reading.problem.message}</Trouble>}
    </>
  );
}
