import Link from 'next/link';
import { text } from '../ui/format/shell';

export default function NotFound() {
  return (
    <main className="mx-auto max-w-xl px-6 py-16">
      <h1 className="font-serif text-decision font-semibold">{text('notFound.title')}</h1>
      <Link className="mt-4 inline-block font-semibold text-spruce underline" href="/">
        {text('notFound.desk')}
      </Link>
    </main>
  );
}
