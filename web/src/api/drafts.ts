/** What someone is typing survives a reload; it goes when it is sent. */
export function keep(key: string, text: string): void {
  if (text) {
    sessionStorage.setItem(`unimetric.draft.${key}`, text);
  } else {
    sessionStorage.removeItem(`unimetric.draft.${key}`);
  }
}

export function kept(key: string): string {
  return sessionStorage.getItem(`unimetric.draft.${key}`) ?? '';
}
