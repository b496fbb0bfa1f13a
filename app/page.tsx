export default function Page() { return <main>hi</main>; }
