import { text } from '../../ui/format/shell';

/** What still works where the server does not answer; kept by the browser for that. */
export function GET(): Response {
  const points = (['kept', 'open', 'not'] as const).map(
    (name) => `<li>${text(`offline.${name}`)}</li>`,
  );
  const page = `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${text('offline.title')}</title>
<link rel="stylesheet" href="/offline.css">
</head>
<body>
<main>
<h1>${text('offline.title')}</h1>
<ul>${points.join('')}</ul>
<p><a href="">${text('broken.again')}</a></p>
</main>
</body>
</html>
`;
  return new Response(page, { headers: { 'content-type': 'text/html; charset=utf-8' } });
}
