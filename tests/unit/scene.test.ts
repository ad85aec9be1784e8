import assert from "node:assert/strict";
import { test } from "node:test";
import { ScenePlayer } from "../../assets/desk/scenes/scene";
import type { SceneEvent } from "../../assets/desk/types";

/** A scene that is the list of what was played, and counts how much it plays. */
class Played extends ScenePlayer {
  list: number[] = [];
  plays = 0;
  constructor(
    events: SceneEvent[],
    private readonly keeps: boolean,
  ) {
    super(events, String);
  }
  protected begin(): void {
    this.list = [];
  }
  protected play([, , value]: SceneEvent): void {
    this.plays++;
    this.list.push(value as number);
  }
  protected override keep(): unknown {
    return this.list.length;
  }
  protected override comeBack(length: unknown): boolean {
    if (!this.keeps) return false;
    this.list.length = length as number;
    return true;
  }
}

test("a scene at any moment is what playing from the beginning gives, wherever it was before", () => {
  const events = Array.from({ length: 6000 }, (_, index) => ["stroke", Math.floor(index / 2), index] as SceneEvent);
  const player = new Played(events, true);
  let random = 7;
  for (let step = 0; step < 300; step++) {
    random = (random * 1103515245 + 12345) % 2147483648;
    const moment = step % 3 === 0 ? random % 3100 : Math.max(0, player.list.length / 2 - 1 - (step % 5));
    player.show(moment);
    const fresh = new Played(events, false);
    fresh.show(moment);
    assert.deepEqual(player.list, fresh.list, `moment ${moment}`);
  }
});

test("a step back does not play all of it again, unless nothing was kept", () => {
  const events = Array.from({ length: 6000 }, (_, index) => ["stroke", index, index] as SceneEvent);
  for (const keeps of [true, false]) {
    const player = new Played(events, keeps);
    player.show(5999);
    const before = player.plays;
    player.show(5998);
    assert.equal(player.plays - before < 600, keeps);
  }
});
