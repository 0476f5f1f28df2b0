'use client';
import '@fontsource-variable/bricolage-grotesque/standard.css';
import './globals.css';
import Broken from './error';

/** The whole frame broke: the same page, in a frame of its own. */
export default function FrameBroken(props: { error: Error & { digest?: string }; reset: () => void }) {
  return (
    <html lang="en-GB">
      <body>
        <title>Error · Rillbank</title>
        <Broken {...props} />
      </body>
    </html>
  );
}
