interface Wanted {
  /** As a file input takes it: "image/*". */
  readonly accept: string;
  /** Straight from the camera, where there is one. */
  readonly camera?: boolean;
}

/** Asks for a file; undefined when none was chosen. */
export function pickFile({ accept, camera = false }: Wanted): Promise<File | undefined> {
  return new Promise((resolve) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    if (camera) input.setAttribute('capture', 'environment');
    input.onchange = () => resolve(input.files?.[0]);
    input.oncancel = () => resolve(undefined);
    input.click();
  });
}
