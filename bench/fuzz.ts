import { seededRandom } from '@ample-bolt/core/lay/plan/seeded-random';
import { recipeOf } from '@ample-bolt/core/styles/recipe-book';
import { styleBook } from '@ample-bolt/core/styles/style-book';
import { anyChoices } from '@ample-bolt/core/testing/any-choices';
import { anyRules } from '@ample-bolt/core/testing/any-rules';
import { draftInput, withArm } from '@ample-bolt/core/testing/bodies';
import { ordinaryRanges, randomBodies } from '@ample-bolt/core/testing/random-bodies';

const DRAFTS = 20_000;

/** Drafts by any rules and choices within their ranges, every style in turn; how many throw. */
export function benchFuzz(): void {
  const styles = Object.values(styleBook);
  const [bodies, random] = [randomBodies(ordinaryRanges, 1871), seededRandom(1872)];
  let thrown = 0;
  for (let each = 0; each < DRAFTS; each++) {
    const style = styles[each % styles.length];
    if (!style) continue;
    const { values, observations } = bodies.next().value;
    const input = draftInput(withArm(values), anyChoices(style, random));
    try {
      recipeOf(style).draft({
        ...input,
        rules: anyRules(random),
        person: { ...input.person, observations },
      });
    } catch (error) {
      thrown++;
      console.log(`  ${style.name}: ${String(error)}`);
    }
  }
  console.log(`any rules and choices: ${thrown} of ${DRAFTS} drafts throw`);
}
