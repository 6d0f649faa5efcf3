import { readLearnt } from '../services/learnt';
import { eventOf, demoServer, path, type TestServer } from '../testing/test-server';
import { createLearner, type Learner, type LearnerOptions } from './learner';
import { countUntaught } from './lesson-rows';
import { localTeacher, type Teacher } from './teacher';

let server: TestServer;
beforeAll(async () => {
  server = await demoServer();
  await server.learn();
});
afterAll(() => server.close());

/** A teacher that tells what it was asked. */
function watched(teacher: Teacher = localTeacher()) {
  const taught: string[] = [];
  const taken: string[] = [];
  return {
    taught,
    taken,
    teacher: {
      ...teacher,
      teach: (task) => {
        taught.push(task.ring.name);
        return teacher.teach(task);
      },
      take: (task) => {
        taken.push(...task.lessons.map(({ ringId }) => ringId));
        return teacher.take(task);
      },
    } satisfies Teacher,
  };
}

function learnerOf(teacher: Teacher, options: Partial<LearnerOptions> = {}): Learner {
  return createLearner({ db: server.db, teacher, program: 'test', ...options });
}

async function learnt(learner: Learner) {
  learner.look();
  await learner.settled();
  return readLearnt(server.db);
}

async function finishedRing(): Promise<{ id: string; name: string }> {
  const { body } = await server.api.get(path('/rings/in-full?status=finished')).expect(200);
  return body.items[0];
}

async function leaveOut(id: string, leftOut: boolean): Promise<void> {
  const events = [eventOf({ kind: 'left-out', leftOut })];
  await server.api
    .post(path(`/rings/${id}/events`))
    .send({ events })
    .expect(200);
}

describe('learning in the background', () => {
  it('a server that starts again goes on with what was written down', async () => {
    const { rings } = await readLearnt(server.db);
    expect(rings).toBeGreaterThan(2);
    const { teacher, taught, taken } = watched();
    let heard = 0;
    const learner = learnerOf(teacher, { onLearnt: () => (heard += 1) });
    expect((await learnt(learner)).rings).toBe(rings);
    expect({ taught, taken, heard }).toEqual({ taught: [], taken: [], heard: 0 });
  });

  it('one ring more costs its own lesson only', async () => {
    const { rings } = await readLearnt(server.db);
    const ring = await finishedRing();
    const { teacher, taught, taken } = watched();
    let heard = 0;
    const learner = learnerOf(teacher, { onLearnt: () => (heard += 1) });
    await leaveOut(ring.id, true);
    expect(await readLearnt(server.db)).toMatchObject({ rings, toLearn: 1 });
    expect(await learnt(learner)).toMatchObject({ rings: rings - 1, toLearn: 0 });
    expect(taught).toEqual([ring.name]);
    // A teacher that was new had to be given all; from then on it is given what changed.
    expect(taken.length).toBeGreaterThan(1);
    taken.length = 0;
    await leaveOut(ring.id, false);
    expect((await learnt(learner)).rings).toBe(rings);
    expect(taught).toEqual([ring.name, ring.name]);
    expect(taken).toEqual([ring.id]);
    expect(heard).toBe(2);
  });

  it('goes by the latest rings only, and by an older one again when one of them is gone', async () => {
    const most = 5;
    const { body } = await server.api.get(path('/log?limit=50')).expect(200);
    const finished: readonly { ringId: string; finishedAt: string }[] = body.items;
    expect(finished.length).toBeGreaterThan(most);
    const finishedAt = new Map(finished.map((ring) => [ring.ringId, ring.finishedAt]));
    const { teacher, taken } = watched();
    // As another version, so that it learns anew.
    const learner = learnerOf(teacher, { mostRings: most, program: 'latest' });
    expect((await learnt(learner)).rings).toBeLessThanOrEqual(most);
    const first = [...taken];
    expect(first).toHaveLength(most);
    const oldest = first
      .flatMap((id) => finishedAt.get(id) ?? [])
      .sort()
      .at(0);
    const newer = [...finishedAt].filter(([, at]) => at > (oldest ?? '')).map(([id]) => id);
    expect(first).toEqual(expect.arrayContaining(newer));

    taken.length = 0;
    const gone = newer.at(0)!;
    await server.api.delete(path(`/rings/${gone}`)).expect(204);
    await learnt(learner);
    expect(new Set(taken).size).toBe(most);
    expect(taken).not.toContain(gone);
    expect(taken.filter((id) => !first.includes(id))).toHaveLength(1);

    await server.api.post(path(`/rings/${gone}/restore`)).expect(200);
    await learnt(learnerOf(localTeacher()));
  });

  it('a ring that is archived is gone from what was learnt, and is back with it', async () => {
    const { rings } = await readLearnt(server.db);
    const { id } = await finishedRing();
    const learner = learnerOf(localTeacher());
    await learnt(learner);
    await server.api.delete(path(`/rings/${id}`)).expect(204);
    expect((await learnt(learner)).rings).toBe(rings - 1);
    await server.api.post(path(`/rings/${id}/restore`)).expect(200);
    expect((await learnt(learner)).rings).toBe(rings);
  });

  it('another version, or other tools, work every lesson out anew; until then plans go by what is known', async () => {
    const before = await readLearnt(server.db);
    const { teacher, taught } = watched();
    let meanwhile: number | undefined;
    const learner = learnerOf(
      {
        ...teacher,
        teach: async (task) => {
          meanwhile ??= (await readLearnt(server.db)).rings;
          return teacher.teach(task);
        },
      },
      { program: 'another' },
    );
    expect(await learnt(learner)).toEqual(before);
    // Spoilt rings teach nothing, but something came of them, too.
    const over = taught.length;
    expect(over).toBeGreaterThan(before.rings);
    expect(meanwhile).toBe(before.rings);
    const { body: kit } = await server.api.get(path('/kit')).expect(200);
    await server.api.delete(path(`/kit/${kit.items[0].id}`)).expect(204);
    await learnt(learner);
    expect(taught).toHaveLength(2 * over);
    await server.api.post(path(`/kit/${kit.items[0].id}/restore`)).expect(200);
    await server.learn();
  });

  it('a ring that cannot be learnt from is told, and the others are learnt from', async () => {
    const told: string[] = [];
    const { rings } = await readLearnt(server.db);
    const { id } = await finishedRing();
    const rename = (from: string, to: string) =>
      server.db.execute(
        `update rings set frozen_plan = frozen_plan - '${from}' || jsonb_build_object('${to}', frozen_plan->'${from}')
         where id = '${id}'`,
      );
    await rename('steps', 'lost');
    const learner = learnerOf(localTeacher(), { onProblem: (problem) => told.push(problem) });
    expect(await learnt(learner)).toMatchObject({ rings: rings - 1, toLearn: 0 });
    expect(told).toEqual([expect.stringContaining(id)]);
    await rename('lost', 'steps');
    expect((await learnt(learner)).rings).toBe(rings);
  });

  it('a teacher that fails is asked again at the next change', async () => {
    const told: string[] = [];
    const good = localTeacher();
    let fails = true;
    const learner = learnerOf(
      { ...good, teach: (task) => (fails ? Promise.reject(new Error('gone')) : good.teach(task)) },
      { program: 'third', onProblem: (problem) => told.push(problem) },
    );
    await learnt(learner);
    expect(await countUntaught(server.db)).toBeGreaterThan(0);
    expect(told).toEqual([expect.stringContaining('gone')]);
    fails = false;
    expect((await learnt(learner)).toLearn).toBe(0);
  });

  it('rests between two looks, however many changes come, and is closed without waiting for it', async () => {
    let looks = 0;
    const good = localTeacher();
    const { id } = await finishedRing();
    const learner = learnerOf(
      {
        ...good,
        learn: (task) => {
          looks += 1;
          return good.learn(task);
        },
      },
      { restMs: 60_000 },
    );
    learner.look();
    for (const leftOut of [true, false, true]) {
      await leaveOut(id, leftOut);
      learner.look();
    }
    await learner.close();
    expect(looks).toBeLessThan(2);
    await server.learn();
    await leaveOut(id, false);
    await server.learn();
  });

  it('what is learnt while it is learning is learnt after it', async () => {
    const { id } = (await server.api.get(path('/rings/in-full?status=finished&limit=2'))).body.items[1];
    const { rings } = await readLearnt(server.db);
    const good = localTeacher();
    let once = true;
    const learner = learnerOf(
      {
        ...good,
        teach: async (task) => {
          // The ring changes after it was read and before its lesson is written down.
          if (once && task.ring.id === id) {
            once = false;
            await leaveOut(id, true);
          }
          return good.teach(task);
        },
      },
      { program: 'fourth' },
    );
    expect(await learnt(learner)).toMatchObject({ rings: rings - 1, toLearn: 0 });
  });
});
