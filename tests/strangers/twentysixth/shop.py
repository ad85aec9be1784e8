from dataclasses import dataclass, field
from enum import Enum, auto
from abc import ABC, abstractmethod


class Kind(Enum):
    SEED = auto()
    TOOL = auto()
    PLANT = auto()


@dataclass(order=True)
class Item:
    price: float
    name: str = field(compare=False)
    kind: Kind = field(compare=False, default=Kind.SEED)


class Discount(ABC):
    @abstractmethod
    def apply(self, total: float) -> float: ...

    def __call__(self, total):
        return round(self.apply(total), 2)


class Percent(Discount):
    def __init__(self, percent):
        self.percent = percent

    def apply(self, total):
        return total * (1 - self.percent / 100)


class Off(Discount):
    def __init__(self, amount):
        self.amount = amount

    def apply(self, total):
        return max(0, total - self.amount)


@dataclass
class Basket:
    owner: str
    items: list[Item] = field(default_factory=list)
    discounts: list[Discount] = field(default_factory=list)

    def add(self, *items):
        self.items.extend(items)
        return self

    @property
    def subtotal(self):
        return sum(i.price for i in self.items)

    def total(self):
        amount = self.subtotal
        for d in self.discounts:
            amount = d(amount)
        return amount

    def __len__(self):
        return len(self.items)

    def __bool__(self):
        return bool(self.items)


b = Basket("Mina")
print("empty" if not b else "full", len(b))
b.add(Item(2.5, "beans"), Item(14.99, "spade", Kind.TOOL)).add(Item(4.25, "fern", Kind.PLANT))
b.discounts += [Percent(10), Off(1.5)]
print(f"{b.owner}: {b.subtotal:.2f} -> {b.total():.2f}")
print(sorted(b.items)[0].name, max(b.items).name)
for kind in Kind:
    names = [i.name for i in b.items if i.kind is kind]
    print(f"{kind.name.lower():<6}{kind.value} {names}")
print(b.items[0])
print(Item(1, "x") < Item(2, "a"), Item(1, "x") == Item(1, "y"))
try:
    Discount()
except TypeError as e:
    print("TypeError")
print(Kind["TOOL"], Kind(3), Kind.SEED == Kind.SEED, Kind.TOOL in (Kind.SEED, Kind.TOOL))
