import { useEffect, useRef, useState } from 'react';
import { useDispatch } from 'react-redux';
import { useNavigate, useSearchParams } from 'react-router';
import {
  announcedBy,
  type Changes,
  type FileForm,
  formOf,
  forNextFile,
  type SourceDetail,
  type Understanding,
  type Upload,
} from '../../contract';
import { sayBytes } from '../../core/values';
import { api, bringIn, compare, DeliveryProblem, type Tell, understand, uploadFile } from '../api';
import { useLeaving } from './useLeaving';
import { useWork } from './useWork';
import type { ModeChoice } from './WhatChanges';

const nameOf = (fileName: string) =>
  fileName
    .replace(/\.[^.]*$/, '')
    .replace(/[-_]+/g, ' ')
    .replace(/^./, (first) => first.toUpperCase());

/** A delivery from its file to its source: what was decided, what was found, and what can be done. */
export function useDelivery(source: SourceDetail | null) {
  // The same form of file as before is read and prepared as before.
  const [given, setGiven] = useState<FileForm>(() => ({
    ...source?.form,
    zone: source?.form.zone ?? (Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC'),
  }));
  const { data: limits } = api.useFileLimitsQuery();
  const kept = useSearchParams()[0].get('upload');
  const [upload, setUpload] = useState<Upload | null>(() =>
    kept && source ? { id: kept, fileName: source.fileName, bytes: 0 } : null,
  );
  const [understanding, setUnderstanding] = useState<Understanding | null>(null);
  const [changes, setChanges] = useState<Changes | null>(null);
  const { work, problem, setProblem, run } = useWork();
  const [name, setName] = useState('');
  const [choice, setChoice] = useState<ModeChoice>({ mode: 'replace', keys: [] });
  const leaving = useLeaving();
  const navigate = useNavigate();
  const dispatch = useDispatch();

  const read = (of: Upload, form: FileForm) =>
    run(`Reading ${of.fileName}`, async (tell, stop) => {
      setChanges(null);
      const found = await understand(of.id, form, tell, stop);
      setUnderstanding(found);
      const settled = found.questions.length === 0 && found.misfits.length === 0;
      if (source && settled) await look(of, found, choice, tell, stop);
    });
  const look = async (
    of: Upload,
    found: Understanding,
    { mode, keys }: ModeChoice,
    ...how: [Tell, AbortSignal]
  ) => {
    if (!source || (mode === 'update' && keys.length === 0)) return setChanges(null);
    const target = { sourceId: source.id, mode, keys: mode === 'update' ? keys : undefined };
    setChanges(await compare(of.id, target, formOf(found), ...how));
  };
  const take = (file: File) => {
    // Whoever has not been told yet is told by the server.
    if (limits && file.size > limits.bytes)
      return setProblem(
        `${file.name} is larger than ${sayBytes(limits.bytes)}. Bring it in as several files.`,
      );
    const anew = forNextFile(given);
    setGiven(anew);
    return void run(`Sending ${file.name}`, async (tell, stop) => {
      const sent = await uploadFile(file, (share) => tell(`Sending ${file.name}`, share, 0), stop);
      setUpload(sent);
      setName(nameOf(file.name));
      await read(sent, anew);
    });
  };
  const decide = (form: FileForm) => {
    setGiven(form);
    if (upload) void read(upload, form);
  };
  const choose = (next: ModeChoice) => {
    setChoice(next);
    if (upload && understanding)
      void run('Comparing with the rows of the source', (tell, stop) =>
        look(upload, understanding, next, tell, stop),
      );
  };
  const store = () =>
    upload &&
    understanding &&
    void run('Bringing the rows in', async (tell, stop) => {
      const announced = changes ? announcedBy(changes) : undefined;
      const target = source ? { sourceId: source.id, ...choice, announced } : { name };
      try {
        const ends = { stop, leave: leaving() };
        const id = await bringIn(upload.id, target, formOf(understanding), tell, ends);
        dispatch(api.util.invalidateTags(['Sources', 'Frames']));
        await navigate(`/sources/${id}`);
      } catch (error) {
        // What it would change now is shown before it is tried again.
        if (error instanceof DeliveryProblem && error.code === 'changed-meanwhile')
          await look(upload, understanding, choice, tell, stop);
        throw error;
      }
    });
  const ready =
    understanding !== null &&
    understanding.questions.length === 0 &&
    understanding.misfits.length === 0 &&
    (source !== null || name.trim() !== '') &&
    (choice.mode !== 'update' || choice.keys.length > 0);
  const forget = () => {
    setUpload(null);
    setUnderstanding(null);
    setChanges(null);
    if (!source) setGiven({ zone: given.zone });
  };
  // A file that is kept is read at once.
  const begun = useRef(false);
  useEffect(() => {
    if (begun.current || kept === null || !upload) return;
    begun.current = true;
    void read(upload, given);
  });
  return {
    upload,
    understanding,
    changes,
    given,
    name,
    choice,
    work,
    problem,
    ready,
    take,
    decide,
    choose,
    store,
    forget,
    setName,
    limits,
  };
}
