from abc import ABC, abstractmethod
from enum import Enum, auto
from dataclasses import dataclass, field
from typing import List, Optional
import math


class Soil(Enum):
    CLAY = auto()
    SAND = auto()
    LOAM = "loam"


class Shape(ABC):
    def __init__(self, name: str):
        self.name = name

    @abstractmethod
    def area(self) -> float:
        ...

    @property
    def cost(self) -> float:
        return round(self.area() * 1.25, 2)

    def __lt__(self, other):
        return self.area() < other.area()

    def __str__(self):
        return f"{self.__class__.__name__} {self.name} ({self.area():.2f} m²)"


class Round(Shape):
    def __init__(self, name, radius):
        super().__init__(name)
        self.radius = radius

    def area(self):
        return math.pi * self.radius ** 2


class Oblong(Shape):
    def __init__(self, name, w, h):
        super().__init__(name)
        self.w, self.h = w, h

    def area(self):
        return self.w * self.h


@dataclass(order=True)
class Plan:
    year: int
    title: str = "untitled"
    beds: List[Shape] = field(default_factory=list, compare=False)
    soil: Optional[Soil] = None

    def total(self):
        return sum(b.cost for b in self.beds)


try:
    Shape("x")
except TypeError as e:
    print("abstract!")
p = Plan(2031, "Long walk", [Round("pond", 1.5), Oblong("row", 2, 6), Oblong("strip", 0.5, 3)], Soil.LOAM)
for b in sorted(p.beds):
    print(b, b.cost)
print(f"{p.total():.2f}", p.soil, p.soil.name, p.soil.value)
print(Plan(2030) < p, max(p.beds).name)
print([s.name for s in Soil], Soil["CLAY"], Soil("loam") is Soil.LOAM)
