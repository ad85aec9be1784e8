from abc import ABC, abstractmethod
from dataclasses import dataclass, field
from typing import List, Optional


class Plant(ABC):
    count = 0

    def __init__(self, name: str, height: float = 0.0) -> None:
        self.name = name
        self._height = height
        type(self).count += 1

    @abstractmethod
    def grow(self, days: int) -> None:
        ...

    @property
    def height(self) -> float:
        return round(self._height, 1)

    @classmethod
    def seedling(cls, name: str) -> "Plant":
        return cls(name, 0.5)

    @staticmethod
    def is_tall(plant: "Plant") -> bool:
        return plant.height > 20

    def __str__(self) -> str:
        return f"{self.__class__.__name__} {self.name}: {self.height} cm"


class Flower(Plant):
    def grow(self, days):
        self._height += 1.5 * days


class Tree(Plant):
    def __init__(self, name, height=10.0):
        super().__init__(name, height)
        self.rings = 0

    def grow(self, days):
        self._height += 0.3 * days
        self.rings += days // 365


@dataclass
class Bed:
    label: str
    plants: List[Plant] = field(default_factory=list)
    keeper: Optional[str] = None

    def tend(self, days):
        for p in self.plants:
            p.grow(days)

    def tallest(self):
        return max(self.plants, key=lambda p: p.height, default=None)


bed = Bed("north")
print(bed.tallest())
bed.plants.append(Flower.seedling("aster"))
bed.plants.append(Tree.seedling("plum"))
bed.plants.append(Tree("pear"))
bed.tend(10)
bed.tend(400)
for p in bed.plants:
    print(p, "tall" if Plant.is_tall(p) else "small")
print(bed.tallest().name, Flower.count, Tree.count)
print(Bed("south") == Bed("south"), Bed("a") == Bed("b"))
print(Bed("east", keeper="Juno"))
try:
    Plant("x")
except TypeError as e:
    print("abstract")
