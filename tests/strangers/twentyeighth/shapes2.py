from abc import ABC, abstractmethod
from dataclasses import dataclass, field
from enum import Enum, auto
from math import pi
from typing import List, Optional


class Soil(Enum):
    SAND = auto()
    CLAY = auto()
    LOAM = auto()


class Shape(ABC):
    @abstractmethod
    def area(self) -> float: ...

    def describe(self) -> str:
        return f"{type(self).__name__} of {self.area():.2f} m²"


@dataclass
class Rect(Shape):
    w: float
    h: float

    def area(self):
        return self.w * self.h


@dataclass(frozen=True)
class Circle(Shape):
    r: float = 1.0

    def area(self):
        return pi * self.r ** 2


@dataclass(order=True)
class Bed:
    priority: int
    name: str = field(compare=False)
    shape: Shape = field(compare=False, default=None)
    plants: List[str] = field(default_factory=list, compare=False)
    soil: Optional[Soil] = field(default=Soil.LOAM, compare=False)

    def plant(self, *names: str) -> None:
        self.plants.extend(names)


beds = [Bed(3, "north", Rect(2, 3.5)), Bed(1, "pond", Circle(1.5), soil=Soil.CLAY), Bed(2, "wall", Circle())]
beds[0].plant("beans", "peas")
beds[1].plant()
for bed in sorted(beds):
    print(bed.priority, bed.name, bed.shape.describe(), bed.soil.name, bed.soil.value, len(bed.plants))
print(beds[0])
print(Rect(1, 2) == Rect(1, 2), Circle(2) == Circle(2.0))
try:
    beds[1].shape.r = 9
except Exception as e:
    print(type(e).__name__)
try:
    Shape()
except TypeError as e:
    print("abstract")
print([s.name for s in Soil], Soil["CLAY"], Soil(1))
match beds[0].shape:
    case Circle(r=r):
        print("circle", r)
    case Rect(w, h) if w == h:
        print("square")
    case Rect(w=w, h=h):
        print("rect", w, h)
