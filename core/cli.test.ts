import { describe, expect, test } from '@jest/globals';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { bolt, example, root, runNode } from './run-bolt.ts';
import { orderSchema } from './src/formats/order/order-schema.ts';
import { styleSchema } from './src/formats/style/style-schema.ts';
import { styleBook } from './src/styles/style-book.ts';
import { piecesSchema } from './src/formats/pieces/pieces-schema.ts';

const folder = mkdtempSync(path.join(tmpdir(), 'bolt-'));

interface Written {
  measures: Record<string, unknown>;
  cloths: unknown[];
  garments: { style?: string; choices?: object; figures?: unknown }[];
}

function changed(change: (order: Written) => void): string {
  const order = JSON.parse(readFileSync(example, 'utf8')) as Written;
  change(order);
  const file = path.join(folder, `order-${Math.floor(performance.now() * 1000)}.json`);
  writeFileSync(file, JSON.stringify(order));
  return file;
}

describe('bolt', () => {
  test('runs from its source as a person would run it', () => {
    const { status, stdout } = runNode(path.join(root, 'core/bolt.mjs'), '--help');
    expect([status, stdout]).toEqual([0, expect.stringContaining('bolt sum')]);
  });

  test('styles lists the book: what each needs, and its choices with range and default', () => {
    const { styles } = bolt('styles', '--json').json() as {
      styles: { id: string; requires: string[]; choices: { id: string; default: unknown }[] }[];
    };
    expect(styles).toHaveLength(Object.keys(styleBook).length);
    const waistcoat = styles.find(({ id }) => id === 'waistcoat');
    expect(waistcoat?.requires).toContain('bust');
    expect(waistcoat?.choices.find(({ id }) => id === 'stand')).toMatchObject({
      kind: 'length',
      least: expect.any(Number) as unknown,
      default: expect.any(Number) as unknown,
    });
    expect(bolt('styles').stdout).toContain('Tube top');
  });

  test('sum alone lists the sums; a flare without a length gives its inner radius alone', () => {
    const { sums } = bolt('sum', '--json').json() as {
      sums: { name: string; arguments: { id: string }[] }[];
    };
    expect(sums.map(({ name }) => name)).toContain('flare');
    expect(bolt('sum').stdout).toContain('round');
    const radius = bolt('sum', 'flare', 'round=28', '--json').json();
    expect(radius).toMatchObject({
      value: expect.closeTo(28 / (2 * Math.PI) - 0.5, 9) as unknown,
      results: {},
    });
    const pieced = bolt('sum', 'flare', 'round=28', 'clothWidth=45', '--json');
    expect(pieced.json()).toMatchObject({ error: { code: 'missing-argument', field: 'length' } });
  });

  test('measures lists the catalogue', () => {
    const { status, stdout } = bolt('measures', '--json');
    expect(status).toBe(0);
    const list = JSON.parse(stdout) as {
      id: string;
      names: string[];
      kind: string;
      steps: string[];
      related: string[];
    }[];
    expect(list.find(({ id }) => id === 'frontWaistLength')).toMatchObject({
      kind: 'down',
      names: expect.arrayContaining(['Half length']) as unknown,
    });
  });

  test('draft gives pieces and writes a drawing; check gives the same seams and rounds', () => {
    const drawing = path.join(folder, 'draft.svg');
    const picture = path.join(folder, 'made-up.svg');
    const draft = bolt('draft', example, '--json', '--out', drawing, '--picture', picture);
    expect([draft.status, draft.stderr]).toEqual([0, '']);
    expect(readFileSync(drawing, 'utf8')).toMatch(/^<svg .*mm"/);
    expect(readFileSync(picture, 'utf8')).toMatch(/^<svg .*viewBox/);
    const { seams, rounds, coverage, findings } = draft.json();
    expect(bolt('check', example, '--json').json()).toEqual({ seams, rounds, coverage, findings });
  });

  test('chalk lists marks in order; without --json it is for people', () => {
    const { marks } = bolt('chalk', example, '--json').json() as {
      marks: { piece: string; order: number; text: string }[];
    };
    expect(marks[0]).toMatchObject({ order: 1 });
    expect(bolt('chalk', example).stdout).toContain('Start line');
    expect(bolt('draft', example).stdout).toContain('(bust 37 1/2 + ease 2) ÷ 4');
  });

  test('lay plans, proves its own lay and refuses a spoilt one', () => {
    const laid = bolt('lay', example, '--work', '6', '--fold', 'half', '--json');
    expect(laid.status).toBe(0);
    const file = path.join(folder, 'lay.json');
    writeFileSync(file, laid.stdout);
    expect(bolt('lay', example, '--prove', file, '--json')).toMatchObject({
      status: 0,
      stdout: '{"ok":true,"faults":[]}\n',
    });
    const spoilt = JSON.parse(laid.stdout) as { lays: { placements: { polygon: [number, number][] }[] }[] };
    const first = spoilt.lays[0]?.placements[0];
    if (!first) throw new Error('expected a placement');
    first.polygon = first.polygon.map(([x, y]) => [x + 3, y + 3]);
    writeFileSync(file, JSON.stringify(spoilt));
    const refused = bolt('lay', example, '--prove', file, '--json');
    expect(refused.status).toBe(1);
    expect(refused.json()['ok']).toBe(false);
  });

  test('the same seed and work give the same lay', () => {
    const run = () => bolt('lay', example, '--work', '4', '--seed', '9', '--fold', 'half', '--json').stdout;
    expect(run()).toBe(run());
  });

  test.each([
    ['no command', [], 'command'],
    ['an unknown command', ['sew'], 'command'],
    ['a missing file', ['draft', '/nowhere.json'], 'file'],
    ['an unknown flag', ['draft', example, '--quick'], ''],
    ['a fold that there is not', ['lay', example, '--fold', 'thrice'], 'fold'],
    ['work that is no number', ['lay', example, '--work', 'much'], 'work'],
  ])('%s ends with 2 and names the field', (_, args, field) => {
    const { status, json, stdout } = bolt(...args, '--json');
    expect([status, (json()['error'] as { field: string }).field]).toEqual([2, field]);
    expect(stdout.trim().split('\n')).toHaveLength(1);
  });

  test('a bad measure ends with 2, its message on standard error for people', () => {
    const bad = changed(({ measures }) => { measures['bust'] = 'wide'; }); // prettier-ignore
    expect(bolt('draft', bad, '--json').json()['error']).toMatchObject({
      code: 'not-a-length',
      field: 'measures.bust',
    });
    const { status, stdout, stderr } = bolt('draft', bad);
    expect([status, stdout]).toEqual([2, '']);
    expect(stderr).toContain('Bust "wide" is not a length');
  });

  test('a figure set by hand is drawn; one that the draft has not ends with 2 and its name', () => {
    const set = (id: string) =>
      changed((order) => { order.garments[0]!.figures = { [id]: { value: 12, why: 'fitted' } }; }); // prettier-ignore
    const { figures } = bolt('draft', set('bodice-front/waist'), '--json').json() as {
      figures: { id: string; mm: number; by: string }[];
    };
    expect(figures.find(({ id }) => id === 'bodice-front/waist')).toMatchObject({ by: 'hand' });
    expect(bolt('draft', set('bodice-front/elbow'), '--json')).toMatchObject({ status: 2 });
    expect(bolt('draft', set('bodice-front/elbow'), '--json').json()['error']).toMatchObject({
      field: 'garments.0.figures.bodice-front/elbow',
    });
  });

  test('folded to width there is a fold, and cloth that stays single', () => {
    const { lays } = bolt('lay', example, '--fold', 'width', '--work', '30', '--json').json() as {
      lays: { fold: string; sections: { foldLines: number[]; doubled: [number, number][] }[] }[];
    };
    expect(lays[0]?.fold).toBe('width');
    const [section] = lays[0]?.sections ?? [];
    expect(section?.doubled[0]?.[1]).toBeCloseTo(2 * (section?.foldLines[0] ?? NaN) - 12.7, 3);
  });

  test('outlines from elsewhere are folded again along the length, first double and then open', () => {
    const outlines = path.join(root, 'examples/outlines.json');
    const laid = bolt('lay', outlines, '--fold', 'mixed', '--work', '300', '--json');
    expect(laid.status).toBe(0);
    const { lays } = laid.json() as {
      lays: { fold: string; length: number; sections: { fold: string; from: number; to: number }[] }[];
    };
    const [lay] = lays;
    expect(lay?.fold).toBe('mixed');
    expect(lay?.sections.map(({ fold }) => fold).slice(-1)).toEqual(['open']);
    expect(lay?.sections[1]?.from).toBe(lay?.sections[0]?.to);
    expect(lay?.sections[1]?.to).toBe(lay?.length);
    const file = path.join(folder, 'mixed.json');
    writeFileSync(file, laid.stdout);
    expect(bolt('lay', outlines, '--prove', file, '--json').json()).toEqual({ ok: true, faults: [] });
  });

  test('a leftover with a flaw and a print to match is laid and proved as it is; on another cloth the same lay has faults', () => {
    const corner = (along: number, across: number) => ({ along, across });
    const leftover = {
      role: 'outer',
      width: 60,
      length: 120,
      outline: [corner(0, 0), corner(120, 0), corner(100, 60), corner(9, 60), corner(0, 45)],
      flaws: [{ from: 30, to: 33, left: 28, right: 31 }],
      repeat: 5,
      matched: true,
      spacing: '1/8',
      joined: ['facing-front'],
    };
    const order = changed((written) => { written.cloths = [leftover]; }); // prettier-ignore
    const laid = bolt('lay', order, '--fold', 'open', '--work', '250', '--json');
    expect(laid.status).toBe(0);
    const { lays } = laid.json() as { lays: { placements: { piece: string; mirrored: boolean }[] }[] };
    const facings = lays[0]?.placements.filter(({ piece }) => piece === 'facing-front') ?? [];
    expect(facings.map(({ mirrored }) => mirrored).sort()).toEqual([false, true]);
    const file = path.join(folder, 'leftover.json');
    writeFileSync(file, laid.stdout);
    expect(bolt('lay', order, '--prove', file, '--json').json()).toEqual({ ok: true, faults: [] });
    const faults = (change: object) => {
      const other = changed((written) => { written.cloths = [{ ...leftover, ...change }]; }); // prettier-ignore
      const { status, json } = bolt('lay', other, '--prove', file, '--json');
      expect(status).toBe(1);
      return new Set((json() as { faults: { code: string }[] }).faults.map(({ code }) => code));
    };
    expect(faults({ repeat: 4.3 })).toEqual(new Set(['off-the-repeat']));
    expect(faults({ spacing: 1 })).toContain('too-close');
    expect(faults({ joined: [] })).toContain('wrong-count');
    expect(faults({ flaws: [{ from: 2, to: 110, left: 2, right: 50 }] })).toContain('on-a-flaw');
    expect(faults({ outline: [corner(0, 0), corner(120, 0), corner(0, 60)] })).toContain('off-the-cloth');
  });

  test('sum gives a quick sum with its working; a habit that misses is a care, not a failure', () => {
    const { status, json } = bolt('sum', 'flare', 'round=28', 'length=24', 'rule=8', '--json');
    expect(status).toBe(0);
    expect(json()).toMatchObject({
      unit: 'in',
      value: expect.closeTo(28 / (2 * Math.PI) - 0.5, 9) as unknown,
      working: 'seam round 28 ÷ 6.283 − join 1/2 ≈ 3 15/16',
      findings: [{ code: 'habit-misses', severity: 'care' }],
    });
    expect(bolt('sum', 'gather', 'seam=76', 'clothWidth=114', '--unit', 'cm', '--json').json()).toMatchObject(
      {
        value: 152,
        unit: 'cm',
        results: { pieces: { value: 2, unit: null } },
      },
    );
    const text = bolt('sum', 'quarter', 'round=36', 'ease=2');
    expect([text.status, text.stdout]).toEqual([
      0,
      expect.stringContaining('(round 36 + ease 2) ÷ 4 = 9 1/2'),
    ]);
    expect(bolt('sum', 'fold-width', 'round=96', 'clothWidth=45').status).toBe(1);
  });

  test.each([
    ['an unknown sum', ['sum', 'nope'], 'unknown-sum', 'name'],
    ['an unknown argument', ['sum', 'quarter', 'rond=3'], 'unknown-argument', 'rond'],
    ['a missing argument', ['sum', 'quarter'], 'missing-argument', 'round'],
    [
      'a division by nothing',
      ['sum', 'tiled-length', 'pieceLength=30', 'repeat=0'],
      'out-of-range',
      'repeat',
    ],
    ['what is no pair', ['sum', 'quarter', '36'], 'wrong-usage', '36'],
    ['a unit that is none', ['sum', 'quarter', 'round=36', '--unit', 'ell'], 'wrong-usage', 'unit'],
  ])('%s ends with 2 and names it', (_, args, code, field) => {
    const { status, json } = bolt(...args, '--json');
    expect(status).toBe(2);
    expect(json()).toMatchObject({ error: { code, field } });
  });

  test('an order without a cloth is drafted, with a care, and its lay is left out', () => {
    const bare = changed((order) => { order.cloths = []; }); // prettier-ignore
    const { status, json } = bolt('lay', bare, '--json');
    expect(status).toBe(0);
    expect(json()).toMatchObject({
      lays: [],
      findings: ['outer', 'lining', 'stay'].map((subject) => ({ code: 'cloth-missing', where: { subject } })),
    });
  });

  test('a lining pinned under the outer is laid after it and as it lies, proved with it', () => {
    const pinned = changed((order) => {
      order.garments = [{ style: 'waistcoat', choices: {} }];
      order.cloths = [
        { role: 'lining', width: 54, under: 'outer' },
        { role: 'outer', width: 54 },
      ];
    });
    const laid = bolt('lay', pinned, '--work', '20', '--json');
    expect(laid.stderr).toBe('');
    const { lays } = laid.json() as { lays: { role: string; fold: string; length: number }[] };
    expect(lays.map(({ role }) => role)).toEqual(['outer', 'lining']);
    expect(lays[1]?.fold).toBe(lays[0]?.fold);
    const file = path.join(folder, 'pinned.json');
    writeFileSync(file, laid.stdout);
    expect(bolt('lay', pinned, '--prove', file, '--json').stdout).toBe('{"ok":true,"faults":[]}\n');
  }, 90_000);

  test('a cloth that is too narrow is a stop and ends with 1', () => {
    const narrow = changed((order) => { order.cloths = [{ role: 'outer', width: 16 }]; }); // prettier-ignore
    const { status, json } = bolt('lay', narrow, '--work', '2', '--json');
    expect(status).toBe(1);
    expect(json()).toMatchObject({
      lays: [],
      findings: [
        { code: 'cloth-missing' },
        { code: 'cloth-missing' },
        { code: 'cloth-too-narrow', severity: 'stop' },
      ],
    });
  });
});

test.each([
  ['order', orderSchema],
  ['pieces', piecesSchema],
  ['style', styleSchema],
])('the published schema is the one that %s files are read by', (name, schema) => {
  expect(JSON.parse(readFileSync(path.join(root, `docs/schemas/${name}.schema.json`), 'utf8'))).toEqual(
    schema,
  );
});

describe('a stop that is signed off', () => {
  const spoilt = (signedOff?: object) =>
    changed((order) => {
      order.garments = [
        { style: 'fitted-dress', figures: { 'bodice-back/waist-side': { value: '17 1/2', why: 'seen' } } },
      ];
      Object.assign(order, signedOff && { signedOff });
    });

  test('lets chalk and lay go on; until then neither gives anything', () => {
    const { status, stdout } = bolt('check', spoilt(), '--json');
    expect(status).toBe(1);
    const { findings } = JSON.parse(stdout) as { findings: { severity: string; key: string }[] };
    const keys = findings.filter(({ severity }) => severity === 'stop').map(({ key }) => key);
    expect(keys.length).toBeGreaterThan(0);
    const lay = bolt('lay', spoilt(), '--json');
    expect([lay.status, lay.json()['lays']]).toEqual([1, []]);
    const signed = spoilt(Object.fromEntries(keys.map((key) => [key, 'Worn open at the side'])));
    expect(bolt('check', signed).status).toBe(0);
    const chalk = bolt('chalk', signed, '--json');
    expect(chalk.status).toBe(0);
    expect((chalk.json()['marks'] as unknown[]).length).toBeGreaterThan(50);
  });

  test('a reader that closes the pipe after the first line is no fault', () => {
    const program = `import('node:child_process').then(({ execSync }) => {
      process.stdout.write(execSync('"${process.execPath}" "${path.join(root, 'core/bolt.mjs')}" measures | head -1', { encoding: 'utf8', stdio: ['ignore', 'pipe', 'inherit'] }));
    });`;
    const { stdout, stderr } = runNode('--input-type=module', '-e', program);
    expect(stdout).toContain('height');
    expect(stderr).not.toContain('EPIPE');
  });
});
