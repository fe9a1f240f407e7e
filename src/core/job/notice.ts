/** A journal has been appended to, in one line as it goes through the database and the stream. */
export function noticeOf(jobId: string, seq: number): string {
  return `${jobId}:${seq}`
}

/** Such a line apart; null for what is none. */
export function readNotice(line: string): { readonly jobId: string; readonly seq: number } | null {
  const [, jobId, seq] = /^([^:]+):(\d{1,15})$/.exec(line) ?? []
  return jobId !== undefined && seq !== undefined ? { jobId, seq: Number(seq) } : null
}
