'use client';

/** Stands where even the shell failed: it needs nothing but the browser. */
export default function GlobalError({ reset }: { readonly reset: () => void }) {
  return (
    <html lang="en">
      <body style={{ font: '1.1rem/1.5 Georgia, serif', maxWidth: '38rem', margin: '15vh auto' }}>
        <main role="alert" style={{ padding: '1.5rem' }}>
          <h1>Vivid Acorn could not be shown</h1>
          <p>
            Something went wrong in the program. Your bench is in this browser, as it was saved.
          </p>
          <p style={{ display: 'flex', gap: '0.75rem', flexWrap: 'wrap' }}>
            <button type="button" style={{ minHeight: 44 }} onClick={reset}>
              Try again
            </button>
            <button type="button" style={{ minHeight: 44 }} onClick={() => void keepAll()}>
              Write the raw data to a file
            </button>
          </p>
        </main>
      </body>
    </html>
  );
}

async function keepAll(): Promise<void> {
  const [{ rawData }, { saveText }] = await Promise.all([
    import('@/store/raw-data'),
    import('@/ui/files/save-text'),
  ]);
  saveText('vivid-acorn-raw-data.json', await rawData());
}
