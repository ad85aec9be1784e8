from dataclasses import dataclass, field
from typing import List, Optional


@dataclass
class Plant:
    name: str
    height: float = 0.0
    tags: List[str] = field(default_factory=list)

    def grow(self, by: float) -> "Plant":
        self.height = round(self.height + by, 1)
        return self

    @property
    def is_tall(self) -> bool:
        return self.height > 100


class Garden:
    """A garden keeps plants by name."""

    count = 0

    def __init__(self, owner: str) -> None:
        self.owner = owner
        self._plants: dict = {}
        Garden.count += 1

    def add(self, *plants: Plant) -> None:
        for plant in plants:
            if plant.name in self._plants:
                raise KeyError(plant.name)
            self._plants[plant.name] = plant

    def find(self, name: str) -> Optional[Plant]:
        return self._plants.get(name)

    def __len__(self):
        return len(self._plants)

    def __iter__(self):
        return iter(self._plants.values())

    def __contains__(self, name):
        return name in self._plants


g = Garden("Rowan")
g.add(Plant("hop", 90, ["climber"]), Plant("iris"), Plant("elm", 480.25))
g.find("hop").grow(15.55).grow(0.1)
try:
    g.add(Plant("iris", 3))
except KeyError as e:
    print("twice:", e)
print(len(g), "iris" in g, "oak" in g, g.find("oak"))
for p in g:
    print(p, p.is_tall)
print(Garden.count, [p.name for p in g if not p.is_tall], max(g, key=lambda p: p.height).name)
print(Plant("a") == Plant("a"), Plant("a") is Plant("a"))
