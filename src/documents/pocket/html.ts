import { escaped } from './escaped';
import { POCKET_STYLE } from './style';

interface Page {
  readonly title: string;
  /** What the page may do besides being styled, as a content security policy says it. */
  readonly may?: string;
  /** HTML. */
  readonly body: string;
}

/** A page that stands by itself: it fetches nothing. */
export const htmlPage = ({ title, may = '', body }: Page): string => `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src 'unsafe-inline'; ${may}base-uri 'none'; form-action 'none'">
<meta name="color-scheme" content="light dark">
<title>${escaped(title)}</title>
<style>${POCKET_STYLE}</style>
</head>
<body>
${body}
</body>
</html>
`;
