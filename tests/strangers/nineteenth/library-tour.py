from abc import ABC, abstractmethod
from dataclasses import dataclass, field
from enum import Enum, auto
from functools import reduce, lru_cache, partial
from itertools import groupby, chain, combinations, product, count, islice, zip_longest


class Soil(Enum):
    CLAY = auto()
    LOAM = auto()
    SAND = auto()

    @property
    def drains(self):
        return self is not Soil.CLAY


class Plant(ABC):
    count = 0

    def __init__(self, name, height=0.0):
        self._name = name
        self.__height = height
        Plant.count += 1

    @property
    def name(self):
        return self._name.title()

    @property
    def height(self):
        return self.__height

    @height.setter
    def height(self, value):
        if value < 0:
            raise ValueError("height can't be negative")
        self.__height = value

    @abstractmethod
    def grow(self, days):
        ...

    def __repr__(self):
        return f"{type(self).__name__}({self._name!r}, {self.__height:.1f})"

    def __lt__(self, other):
        return self.height < other.height

    def __eq__(self, other):
        return isinstance(other, Plant) and self.name == other.name

    def __hash__(self):
        return hash(self.name)

    @classmethod
    def from_text(cls, text):
        name, height = text.split(":")
        return cls(name.strip(), float(height))

    @staticmethod
    def to_inches(cm):
        return round(cm / 2.54, 2)


class Bean(Plant):
    RATE = 2.5

    def grow(self, days):
        self.height += self.RATE * days
        return self


class Oak(Plant):
    def grow(self, days):
        self.height += 0.1 * days
        return self


@dataclass(order=True)
class Bed:
    size: int
    soil: Soil = field(default=Soil.LOAM, compare=False)
    plants: list = field(default_factory=list, compare=False)

    def __len__(self):
        return len(self.plants)

    def __iter__(self):
        return iter(self.plants)

    def __contains__(self, name):
        return any(p.name == name for p in self.plants)

    def __add__(self, other):
        return Bed(self.size + other.size, self.soil, self.plants + other.plants)

    def __getitem__(self, i):
        return self.plants[i]


bean = Bean.from_text("runner bean: 4.5").grow(3)
oak = Oak("oak", 100).grow(10)
print(bean, oak, bean < oak, Plant.count, Plant.to_inches(25.4))
try:
    bean.height = -1
except ValueError as e:
    print("error:", e)
try:
    Plant("x")
except TypeError as e:
    print("TypeError")
bed = Bed(4, plants=[bean]) + Bed(6, Soil.CLAY, [oak])
print(len(bed), "Oak" in bed, [p.name for p in bed], bed[0], bed.size, bed.soil.name, bed.soil.drains)
print(Bed(3) < Bed(5), max(Bed(2), Bed(9)).size, Soil.SAND, Soil["CLAY"].value, list(Soil)[1])
print(sorted([oak, bean])[0].name)


@lru_cache(maxsize=None)
def ways(n):
    return 1 if n < 2 else ways(n - 1) + ways(n - 2)


print(ways(60), reduce(lambda a, b: a * b, range(1, 11)), partial(pow, 2)(10))
words = sorted(["pea", "bean", "leek", "kale", "beet", "ox"], key=len)
for length, group in groupby(words, key=len):
    print(length, list(group))
print(list(chain([1], (2, 3), "ab")), list(combinations("abc", 2)), list(product([0, 1], repeat=2)))
print(list(islice(count(5, 5), 4)), list(zip_longest("ab", "c", fillvalue="-")))
