import { useEffect, useRef, type CSSProperties } from 'react';
import { paint, type Pixels } from '@/ui/pixels';

interface PictureCanvasProps {
  /** Undefined until it is drawn. */
  picture: Pixels | undefined;
  width: number;
  height: number;
  style?: CSSProperties;
}

/** A picture that a worker drew, laid on the page as soon as it is there. */
export function PictureCanvas({ picture, width, height, style }: PictureCanvasProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (picture && canvas.current) paint(canvas.current, picture);
  }, [picture]);
  return (
    <canvas
      ref={canvas}
      aria-hidden
      style={{ width, height, display: 'block', ...style }}
      data-drawn={picture ? 'yes' : 'no'}
    />
  );
}
