import type { Kitchen, Truth } from '../calibration/truths.ts';
import { Grains, jarHour, newJar, type Jar } from './jar.ts';
import type { Scene } from './scenes.ts';

/** A jar that a household keeps alive: a bug or grains. */
interface KeptJar {
  readonly id: string;
  readonly scene: Scene;
  readonly bug: Jar | null;
  readonly grains: Grains | null;
}

/** What a new jar of bug is begun with, ml and g. */
const newBug = { ml: 700, sugar: 35 } as const;

/** The jars of a household as they really go, each beside its lot in the journal. */
export class KeptJars {
  private readonly jars: KeptJar[] = [];

  constructor(
    private readonly truth: Truth,
    private readonly kitchen: Kitchen,
    private readonly normal: () => number,
  ) {}

  begin(scene: Scene, id: string, celsius: number): void {
    if (scene.keeps === null) return;
    this.jars.push({
      id,
      scene,
      bug: scene.keeps === 'bug' ? newJar(newBug.ml, newBug.sugar) : null,
      grains:
        scene.keeps === 'grains'
          ? new Grains(this.truth, this.kitchen, scene.sugar, celsius, this.normal)
          : null,
    });
  }

  /** All of them live an hour. @param celsius of the room */
  hour(celsius: number): void {
    for (const { bug, grains } of this.jars) {
      if (bug) jarHour(bug, this.truth.warmth(celsius));
      grains?.hour();
    }
  }

  byId(id: string): KeptJar | undefined {
    return this.jars.find((jar) => jar.id === id);
  }

  of(scene: Scene): KeptJar | undefined {
    return this.jars.find((jar) => jar.scene === scene);
  }

  /** Share of the worst of them that is alive; 1 of none. */
  get alive(): number {
    return Math.min(1, ...this.jars.map(({ bug, grains }) => (bug ?? grains)!.alive));
  }
}
