import { configure } from '@testing-library/react-native';

/** A slow machine with a cold cache may take long over a first render; a test that fails still fails. */
configure({ asyncUtilTimeout: 15_000 });

/** Fake clocks of single tests leave this one alone. */
const realTimeout = globalThis.setTimeout;
/** Several frames of the screen. */
const LAST_FRAMES_MS = 80;

// The store tells of its last change a frame later: it must find the page still there.
afterAll(() => new Promise<void>((resolve) => void realTimeout(resolve, LAST_FRAMES_MS)));
