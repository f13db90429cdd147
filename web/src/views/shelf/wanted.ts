/** What a page that sent somebody here is short of: a kind of product or the name of a part. */
export const wantedOf = (query: string): string => new URLSearchParams(query).get('want') ?? '';
