import { fakeServer, pieceOf, punchOf } from '@/testing/fake-server';
import { until } from '@/testing/until';
import { clearAllListeners } from '@reduxjs/toolkit';
import { answerWhich } from './ask-which';
import { api } from './api';
import { createStore } from './store';

const stores: ReturnType<typeof createStore>[] = [];
function newStore() {
  const store = createStore();
  stores.push(store);
  return store;
}
afterEach(() => {
  stores.splice(0).forEach((store) => {
    store.dispatch(clearAllListeners());
    store.dispatch(api.util.resetApiState());
  });
});

const TOOL = punchOf(12, 1);
const INPUT = { id: TOOL.id, name: TOOL.name, spec: TOOL.spec };
const PATH = `PUT /kit/${TOOL.id}`;

function staleAnswer(current: object) {
  const error = { code: 'changed-meanwhile', message: 'changed', current };
  return new Response(JSON.stringify({ error }), {
    status: 412,
    headers: { 'content-type': 'application/json' },
  });
}

/** A server whose tool was changed to this meanwhile. */
function changedTo(theirs: object) {
  let asked = 0;
  return fakeServer({
    [PATH]: () => {
      asked += 1;
      return asked === 1 ? staleAnswer({ ...TOOL, ...theirs, version: 9 }) : { ...TOOL, version: 10 };
    },
  });
}

describe('a change of what another device has changed meanwhile', () => {
  it('names the version it was made from, and is made again on top where nothing collides', async () => {
    const calls = changedTo({ spec: { ...TOOL.spec, diameterMm: 14 } });
    const store = newStore();
    const saved = await store.dispatch(
      api.endpoints.saveTool.initiate({ ...INPUT, name: 'Renamed', isNew: false, base: TOOL }),
    );
    expect(saved).toHaveProperty('data.version', 10);
    expect(calls.map(({ body }) => body)).toEqual([
      { ...INPUT, name: 'Renamed' },
      { ...INPUT, name: 'Renamed', spec: { ...TOOL.spec, diameterMm: 14 } },
    ]);
  });

  it('asks which is to be kept where both changed the same, and keeps that', async () => {
    const calls = changedTo({ name: 'Their name' });
    const store = newStore();
    const saving = store.dispatch(
      api.endpoints.saveTool.initiate({ ...INPUT, name: 'My name', isNew: false, base: TOOL }),
    );
    await until(() => store.getState().conflict.both.length > 0);
    expect(store.getState().conflict.both).toEqual([
      { field: 'name', mine: 'My name', theirs: 'Their name' },
    ]);
    answerWhich({ name: 'mine' });
    expect(await saving).toHaveProperty('data.version', 10);
    expect(calls.at(-1)?.body).toEqual({ ...INPUT, name: 'My name' });
    expect(store.getState().conflict.both).toEqual([]);
  });

  it('is left alone where the maker does not choose', async () => {
    const calls = changedTo({ name: 'Their name' });
    const store = newStore();
    const saving = store.dispatch(
      api.endpoints.saveTool.initiate({ ...INPUT, name: 'My name', isNew: false, base: TOOL }),
    );
    await until(() => store.getState().conflict.both.length > 0);
    answerWhich(undefined);
    expect(await saving).toHaveProperty('error.status', 412);
    expect(calls).toHaveLength(1);
  });
});

describe('something new while the server is away', () => {
  const { createdAt: _created, updatedAt: _updated, version: _version, ...piece } = pieceOf();

  /** A server that does not answer until it comes back. */
  function serverAway() {
    let away = true;
    const calls = fakeServer({
      'POST /stock': () => {
        if (away) throw new TypeError('network');
        return pieceOf();
      },
    });
    return { calls, comeBack: () => (away = false) };
  }

  it('is kept, answered as the server would, and sent when the server is back', async () => {
    const { calls, comeBack } = serverAway();
    const store = newStore();
    const saved = await store.dispatch(api.endpoints.saveStock.initiate({ ...piece, isNew: true }));
    expect(saved).toMatchObject({ data: { name: piece.name, version: 0 } });
    expect(store.getState().unsentThings.things).toMatchObject([{ kind: 'piece', id: piece.id }]);
    comeBack();
    // A page that is opened later finds it, and sends it.
    const next = newStore();
    next.dispatch({ type: 'unsent/unsentOpened' });
    await until(() => calls.length >= 2 && next.getState().unsentThings.things.length === 0);
    expect(calls.at(-1)?.body).toMatchObject({ id: piece.id, name: piece.name });
  });

  it('waits no longer once it is sent again by hand', async () => {
    const { calls, comeBack } = serverAway();
    const store = newStore();
    const send = () => store.dispatch(api.endpoints.saveStock.initiate({ ...piece, isNew: true }));
    await send();
    await until(() => calls.length === 2);
    expect(store.getState().unsentThings.things).toHaveLength(1);
    comeBack();
    await send();
    expect(calls).toHaveLength(3);
    expect(store.getState().unsentThings.things).toEqual([]);
  });

  it('is sent, too, when it is made while another is being sent', async () => {
    let away = true;
    let second: (() => void) | undefined;
    const calls = fakeServer({
      'POST /stock': () => {
        if (away) throw new TypeError('network');
        second?.();
        second = undefined;
        return pieceOf();
      },
    });
    const store = newStore();
    await store.dispatch(api.endpoints.saveStock.initiate({ ...piece, isNew: true }));
    const made = store.getState().unsentThings.things[0];
    const other = { ...made, id: TOOL.id, body: { ...made?.body, id: TOOL.id } };
    second = () => store.dispatch({ type: 'unsentThings/thingKept', payload: other });
    away = false;
    store.dispatch({ type: 'unsent/sendAgain', payload: undefined });
    await until(() => store.getState().unsentThings.things.length === 0);
    expect(calls.slice(-2).map(({ body }) => body)).toMatchObject([{ id: piece.id }, { id: TOOL.id }]);
  });

  it('that the server refuses is told with its words, and may be let go', async () => {
    let answer: () => unknown = () => {
      throw new TypeError('network');
    };
    fakeServer({ 'POST /stock': () => answer() });
    const store = newStore();
    await store.dispatch(api.endpoints.saveStock.initiate({ ...piece, isNew: true }));
    answer = () =>
      new Response(JSON.stringify({ error: { code: 'invalid', message: 'Not like this.' } }), {
        status: 400,
        headers: { 'content-type': 'application/json' },
      });
    store.dispatch({ type: 'unsent/sendAgain', payload: undefined });
    await until(() => Object.keys(store.getState().unsentThings.refused).length === 1);
    expect(store.getState().unsentThings.refused[piece.id ?? '']).toBe('Not like this.');
    store.dispatch({ type: 'unsentThings/thingGone', payload: piece.id });
    expect(store.getState().unsentThings).toEqual({ things: [], refused: {} });
  });
});
