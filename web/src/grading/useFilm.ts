import { sha256 } from "@noble/hashes/sha2.js";
import { bytesToHex } from "@noble/hashes/utils.js";
import { useCallback, useEffect, useRef, useState } from "react";
import { api, problemOf, said, type Schemas } from "../shell/api";
import type { Grading } from "./useGrading";

/** Bytes that are read at once: a film of an hour does not fit into memory. */
const PIECE = 8 * 1024 * 1024;

/** SHA-256 of a file, in hexadecimal, read piece by piece. */
export async function hashOf(file: Blob, gone: () => boolean = () => false): Promise<string | null> {
  const hash = sha256.create();
  for (let at = 0; at < file.size; at += PIECE) {
    if (gone()) return null;
    hash.update(new Uint8Array(await file.slice(at, at + PIECE).arrayBuffer()));
  }
  return bytesToHex(hash.digest());
}

/**
 * A film that is graded: opened from this machine, never sent anywhere. Marks carry its second; of the film itself only its hash
 * and its name are kept, so that the same film can be known again.
 */
export function useFilm(g: Grading, first: Schemas["FilmAsked"] | null = null) {
  const { give, followFilm, events } = g;
  const [source, setSource] = useState<{ url: string; file: File } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [hashing, setHashing] = useState(false);
  const element = useRef<HTMLVideoElement | null>(null);
  const opened = useRef<File | null>(null);
  const known = events.filter((e) => e.kind === "film").at(-1) ?? null;

  useEffect(() => {
    if (!source) return;
    return () => URL.revokeObjectURL(source.url);
  }, [source]);
  useEffect(() => () => followFilm(null), [followFilm]);

  const open = (file: File) => {
    opened.current = file;
    setProblem(null);
    setSource({ url: URL.createObjectURL(file), file });
  };
  const close = useCallback(() => {
    opened.current = null;
    followFilm(null);
    setSource(null);
  }, [followFilm]);
  const loaded = async (video: HTMLVideoElement) => {
    if (!source) return;
    const { file } = source;
    setHashing(true);
    const hash = await hashOf(file, () => opened.current !== file);
    setHashing(false);
    // Closed, or another one was opened meanwhile.
    if (hash === null || opened.current !== file) return;
    if (first && first.hash !== hash)
      setProblem(`This is another film than the one that was marked first: ${first.name}.`);
    else if (known && known.target !== hash)
      setProblem(`Another film was graded here before: ${known.note}. Marks now carry the seconds of this one.`);
    // The film is told before any mark that carries one of its seconds.
    if (hash !== known?.target) give("film", { target: hash, note: file.name.slice(0, 200) });
    element.current = video;
    followFilm(() => Math.round(video.currentTime * 1000));
  };
  const refused = () => {
    opened.current = null;
    followFilm(null);
    setSource(null);
    setProblem("This file is no film that this browser can play. Nothing was stored.");
  };
  const captions = async (file: File) => {
    setProblem(null);
    try {
      const lines = await said(api.POST("/api/demonstrations/captions", { body: { text: await file.text() } }));
      for (const l of lines) give("note", { at_ms: Math.round(l.from_seconds * 1000), note: l.text });
      setProblem(lines.length === 0 ? "The file has no captions." : null);
    } catch (error) {
      const { title, lines } = problemOf(error);
      setProblem([title, ...lines].join(" "));
    }
  };
  const seek = (ms: number) => {
    if (element.current) element.current.currentTime = ms / 1000;
  };
  return {
    source,
    problem,
    hashing,
    known,
    open,
    close,
    loaded,
    refused,
    captions,
    seek,
    playOrPause: () => {
      if (!element.current) return;
      if (element.current.paused) void element.current.play();
      else element.current.pause();
    },
    slow: (rate: number) => {
      if (element.current) element.current.playbackRate = rate;
    },
    /** By so many seconds, standing still. */
    by: (seconds: number) => {
      if (!element.current) return;
      element.current.pause();
      element.current.currentTime = Math.max(0, element.current.currentTime + seconds);
    },
    /** To the next of some moments, or to the one before. */
    jump: (moments: readonly number[], forward: boolean) => {
      const at = (element.current?.currentTime ?? 0) * 1000;
      const to = forward ? moments.find((m) => m > at + 40) : moments.findLast((m) => m < at - 40);
      if (to !== undefined) seek(to);
    },
  };
}

export type OpenFilm = ReturnType<typeof useFilm>;
