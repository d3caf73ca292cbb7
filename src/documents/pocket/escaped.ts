const ENTITIES: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' };
/** Text within HTML. */
export const escaped = (text: string): string => text.replace(/[&<>"']/g, (sign) => ENTITIES[sign]!);
