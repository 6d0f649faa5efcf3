import { configure } from '@testing-library/react-native';

/** A slow machine with a cold cache may take long over a first render; a test that fails still fails. */
configure({ asyncUtilTimeout: 15_000 });
