let wait: Promise<void> | undefined;

function run(url: string): Promise<void> {
  return new Promise((resolve, reject) => {
    const script = document.createElement('script');
    script.src = url;
    script.onload = () => resolve();
    script.onerror = () => {
      script.remove();
      wait = undefined;
      reject(new Error(`${url} could not be fetched`));
    };
    document.head.append(script);
  });
}

/**
 * Runs the code that several places share, before the first of them. The built page names its file and only fetches it
 * ahead (scripts/lib/app-files.mjs): what is shown at the start does without. A page that names none has it already.
 */
export function loadShared(): Promise<void> {
  const named = document.querySelector<HTMLLinkElement>('link#shared-code');
  wait ??= named ? run(named.href) : Promise.resolve();
  return wait;
}
