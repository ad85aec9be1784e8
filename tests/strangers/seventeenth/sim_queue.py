from collections import deque
from dataclasses import dataclass, field
from enum import Enum
import itertools
import math


class State(Enum):
    WAITING = 1
    WATERED = 2
    DRY = 3


@dataclass
class Bed:
    name: str
    need: float
    state: State = State.WAITING
    history: list = field(default_factory=list)

    def water(self, litres: float) -> bool:
        given = min(litres, self.need)
        self.need = round(self.need - given, 2)
        self.history.append(given)
        if self.need == 0:
            self.state = State.WATERED
        return self.state is State.WATERED


@dataclass(frozen=True)
class Point:
    x: int
    y: int

    def dist(self, other: "Point") -> float:
        return math.hypot(self.x - other.x, self.y - other.y)


def simulate(beds, can=2.5):
    queue = deque(beds)
    turns = 0
    while queue and turns < 20:
        bed = queue.popleft()
        if not bed.water(can):
            queue.append(bed)
        turns += 1
    return turns


beds = [Bed("A", 4.2), Bed("B", 2.5), Bed("C", 7)]
print(simulate(beds))
for b in beds:
    print(b.name, b.state.name, b.history, b.need)
print(beds[1])
points = [Point(0, 0), Point(3, 4), Point(6, 8)]
for a, b in itertools.combinations(points, 2):
    print(f"{a} -> {b}: {a.dist(b):.1f}")
print(Point(1, 2) == Point(1, 2), {Point(1, 2): "here"}[Point(1, 2)])
try:
    points[0].x = 5
except AttributeError as e:
    print("cannot:", e)
print([s.value for s in State], State(2), State["DRY"])
for k, g in itertools.groupby("aabbbc"):
    print(k, len(list(g)), end="; ")
print()
print(list(itertools.accumulate([1, 2, 3, 4])), list(itertools.chain([1], [2, 3])))
print(list(itertools.islice(itertools.count(5, 5), 4)))
