/** Drivers that draw with the processor, slower than our own drawing does. */
const WITHOUT_CARD = /swiftshader|llvmpipe|software|basic render/i;

let known: boolean | undefined;

/** Whether this device has a graphics card that a page may draw with. */
export function hasGraphics(): boolean {
  known ??= lookForGraphics();
  return known;
}

function lookForGraphics(): boolean {
  if (typeof document === 'undefined' || typeof document.createElement !== 'function') return false;
  const context = document.createElement('canvas').getContext('webgl2');
  if (!context) return false;
  const told = context.getExtension('WEBGL_debug_renderer_info');
  const driver: unknown = told ? context.getParameter(told.UNMASKED_RENDERER_WEBGL) : '';
  context.getExtension('WEBGL_lose_context')?.loseContext();
  return !WITHOUT_CARD.test(String(driver));
}
