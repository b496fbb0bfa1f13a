export default function Page() { return <main>case</main>; }
