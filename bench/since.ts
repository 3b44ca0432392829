import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, symlinkSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import type { Draft } from '@ample-bolt/core/drafting/draft';
import { ringGap } from '@ample-bolt/core/geometry/distance-to-ring';
import { ruleSet } from '@ample-bolt/core/rules/catalogue';
import { recipeOf } from '@ample-bolt/core/styles/recipe-book';
import type { Recipe, Style } from '@ample-bolt/core/styles/style';
import type { DraftInput } from '@ample-bolt/core/garment/draft-input';
import { styleBook } from '@ample-bolt/core/styles/style-book';
import { draftInput } from '@ample-bolt/core/testing/bodies';
import { extremeRanges, ordinaryRanges, randomBodies } from '@ample-bolt/core/testing/random-bodies';
import { median } from './median.mjs';

/** Bodies of each kind on which the two are compared. */
const BODIES = 3;
/** Differences above this are told, mm. */
const SAME = 0.1;

const root = path.resolve(import.meta.dirname, '..');

type RecipeOf = (style: Pick<Style, 'id'>) => Recipe;

/** The recipes of another commit, checked out beside this one for as long as `use` takes. */
async function withRecipesOf(ref: string, use: (old: RecipeOf) => void): Promise<void> {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'ample-bolt-since-'));
  const checkout = path.join(folder, 'checkout');
  execFileSync('git', ['worktree', 'add', '--detach', checkout, ref], { cwd: root, stdio: 'ignore' });
  try {
    symlinkSync(path.join(root, 'node_modules'), path.join(checkout, 'node_modules'));
    const book = pathToFileURL(path.join(checkout, 'core/src/styles/recipe-book.ts')).href;
    const { recipeOf: old } = (await import(book)) as { recipeOf: RecipeOf };
    use(old);
  } finally {
    execFileSync('git', ['worktree', 'remove', '--force', checkout], { cwd: root, stdio: 'ignore' });
    rmSync(folder, { recursive: true, force: true });
  }
}

/** By how much two drafts of one order differ: the worst of outlines, seams and rounds, mm, and findings that only one has. */
function difference(now: Draft, then: Draft): { mm: number; where: string; findings: string[] } {
  let [mm, where] = [0, ''];
  const worse = (by: number, what: string) => {
    if (by > mm) [mm, where] = [by, what];
  };
  for (const { piece, outline } of now.pieces) {
    const old = then.pieces.find((each) => each.piece.id === piece.id && each.piece.role === piece.role);
    worse(old ? ringGap(outline, old.outline) : Infinity, `piece ${piece.id}`);
  }
  if (now.pieces.length !== then.pieces.length) worse(Infinity, 'count of pieces');
  for (const seam of now.seams) {
    const old = then.seams.find(({ id }) => id === seam.id);
    worse(old ? Math.abs(seam.difference - old.difference) : Infinity, `seam ${seam.id}`);
  }
  for (const round of now.rounds) {
    const old = then.rounds.find(({ level }) => level === round.level);
    worse(old ? Math.abs(round.finished - old.finished) : Infinity, `round ${round.level}`);
  }
  const codes = ({ findings }: Draft) =>
    findings.map(({ code, where: at }) => `${code} ${at.piece ?? ''}`).sort();
  const [a, b] = [codes(now), codes(then)];
  return {
    mm,
    where,
    findings: [...a.filter((each) => !b.includes(each)), ...b.filter((each) => !a.includes(each))],
  };
}

function* orders(): Generator<DraftInput> {
  for (const ranges of [ordinaryRanges, extremeRanges])
    for (const school of ['solved', 'table'] as const) {
      const bodies = randomBodies(ranges, 11);
      for (let count = 0; count < BODIES; count++) {
        const { values, observations } = bodies.next().value;
        const input = draftInput(values);
        yield {
          ...input,
          person: { ...input.person, observations },
          rules: ruleSet({ 'school.block': school }),
        };
      }
    }
}

const timeOf = (draft: () => unknown): number => {
  const start = performance.now();
  draft();
  return performance.now() - start;
};

/** Every style as it is drafted now and by another commit: what differs, and the ratio of the times that they take. */
export const benchSince = (ref: string): Promise<void> =>
  withRecipesOf(ref, (old) => {
    const ratios: number[] = [];
    for (const style of Object.values(styleBook)) {
      const [now, then] = [recipeOf(style), old(style)];
      const own: number[] = [];
      let worst = { mm: 0, where: '' };
      const findings = new Set<string>();
      for (const input of orders()) {
        const found = difference(now.draft(input), then.draft(input));
        if (found.mm > worst.mm) worst = found;
        found.findings.forEach((each) => findings.add(each));
        // Each is timed once more, warm, one after the other.
        const before = timeOf(() => then.draft(input));
        own.push(timeOf(() => now.draft(input)) / before);
      }
      ratios.push(...own);
      const differs = worst.mm > SAME || findings.size > 0;
      console.log(
        `${style.name}: ${median(own).toFixed(2)} times as long as ${ref}; ${differs ? `differs by ${worst.mm.toFixed(3)} mm (${worst.where}); findings of one alone: ${[...findings].join(', ') || 'none'}` : `same within ${worst.mm.toFixed(4)} mm`}`,
      );
    }
    console.log(`all styles: ${median(ratios).toFixed(2)} times as long (median of ${ratios.length} drafts)`);
  });
