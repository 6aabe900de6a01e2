import { readdirSync } from 'node:fs';
import { AxeBuilder } from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { demoState } from './kitchen';
import { show, views } from './views';

test.use({ storageState: demoState });

const routes = readdirSync('src/app', { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.tsx') && !file.endsWith('_layout.tsx'))
  .map((file) => file.replace(/\\/g, '/').replace(/\.tsx$/, ''));

/** What axe finds that is serious. */
async function serious(page: Page) {
  const { violations } = await new AxeBuilder({ page }).analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`);
}

interface Node {
  readonly role: string;
  readonly name: string;
  readonly level: number;
}

/** The accessibility tree as a reader walks through it. The browser builds it a little after the page. */
async function treeOf(page: Page): Promise<Node[]> {
  const session = await page.context().newCDPSession(page);
  let tree: Node[] = [];
  await expect
    .poll(async () => {
      const { nodes } = await session.send('Accessibility.getFullAXTree');
      const byId = new Map(nodes.map((node) => [node.nodeId, node]));
      const walk = (id: string): Node[] => {
        const node = byId.get(id);
        if (!node) return [];
        const own = {
          role: String(node.role?.value ?? ''),
          name: String(node.name?.value ?? ''),
          level: Number(node.properties?.find(({ name }) => name === 'level')?.value.value ?? 0),
        };
        return [...(node.ignored ? [] : [own]), ...(node.childIds ?? []).flatMap(walk)];
      };
      tree = nodes[0] ? walk(nodes[0].nodeId) : [];
      return tree.some(({ role }) => role === 'heading');
    })
    .toBe(true);
  await session.detach();
  return tree;
}

const acted = /^(button|link|textbox|searchbox|radio|checkbox|switch|slider|combobox|tab|menuitem)$/;

/** What is wrong with a tree: one main, one first heading, no level left out, a name for all that is acted on. */
function treeFaults(tree: readonly Node[]): string[] {
  const count = (role: string) => tree.filter((node) => node.role === role).length;
  const levels = tree.filter(({ role }) => role === 'heading').map(({ level }) => level);
  return [
    ...(count('main') === 1 ? [] : [`${count('main')} mains`]),
    ...(levels.filter((level) => level === 1).length === 1 ? [] : [`first headings: ${levels.join(' ')}`]),
    ...levels.flatMap((level, i) =>
      level > (levels[i - 1] ?? 0) + 1 ? [`heading ${i} of level ${level} after ${levels[i - 1] ?? 0}`] : [],
    ),
    ...tree
      .filter(({ role, name }) => acted.test(role) && name.trim() === '')
      .map(({ role }) => `a ${role} without a name`),
  ];
}

/** Things focus comes to that stand well above what it came to before, in a page of one column. */
const upwards = (page: Page) =>
  page.evaluate(() => {
    const focusable = Array.from(
      document.querySelectorAll<HTMLElement>(
        'main a[href], main button, main [tabindex], main input, main textarea',
      ),
    ).filter((each) => each.tabIndex >= 0 && each.getClientRects().length > 0);
    return focusable.flatMap((each, i) => {
      const before = focusable[i - 1];
      if (each.tabIndex > 0) return [`tabindex ${each.tabIndex}`];
      if (!before || before.contains(each)) return [];
      const up = before.getBoundingClientRect().top - each.getBoundingClientRect().bottom;
      const named = (one: HTMLElement) => one.getAttribute('aria-label') ?? one.innerText.slice(0, 40);
      return up > 0 ? [`${named(before)} → ${named(each)}`] : [];
    });
  });

/** What runs out of the page to the side. */
const sideways = (page: Page) =>
  page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);

test('every route is among the views looked at', () => {
  expect(Object.keys(views).sort()).toEqual([...routes].sort());
});

// 320 px is also what a window of 640 px has left when everything in it is twice as large.
for (const half of [0, 1])
  test(`at 320 px each view has a sound tree, a focus that goes down, and nothing serious, part ${half + 1}`, async ({
    page,
  }) => {
    test.setTimeout(300_000);
    await page.setViewportSize({ width: 320, height: 640 });
    const faults: Record<string, unknown> = {};
    for (const route of Object.keys(views).filter((_, i) => i % 2 === half)) {
      await show(page, views[route]!);
      const found = [
        ...treeFaults(await treeOf(page)),
        ...(await upwards(page)),
        ...(await serious(page)),
        ...((await sideways(page)) > 0 ? ['runs out to the side'] : []),
      ];
      if (found.length > 0) faults[route] = found;
    }
    expect(faults).toEqual({});
  });
