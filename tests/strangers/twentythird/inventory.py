from dataclasses import dataclass, field
from enum import Enum, auto
from typing import Dict, List, Optional


class Kind(Enum):
    SEED = auto()
    TOOL = auto()
    POT = auto()

    def label(self) -> str:
        return self.name.capitalize() + "s"


@dataclass(order=True)
class Item:
    price: float
    name: str = field(compare=False)
    kind: Kind = field(compare=False, default=Kind.SEED)
    amount: int = field(compare=False, default=0)
    tags: List[str] = field(default_factory=list, compare=False, repr=False)

    @property
    def worth(self) -> float:
        return self.price * self.amount


class Stock:
    def __init__(self) -> None:
        self._items: Dict[str, Item] = {}

    def __len__(self) -> int:
        return len(self._items)

    def __contains__(self, name: str) -> bool:
        return name.lower() in self._items

    def __iter__(self):
        return iter(self._items.values())

    def __getitem__(self, name: str) -> Item:
        return self._items[name.lower()]

    def add(self, item: Item) -> None:
        key = item.name.lower()
        if key in self._items:
            self._items[key].amount += item.amount
        else:
            self._items[key] = item

    def find(self, *, kind: Optional[Kind] = None, tag: Optional[str] = None) -> List[Item]:
        return [i for i in self if (kind is None or i.kind is kind) and (tag is None or tag in i.tags)]

    def remove(self, name: str, amount: int = 1) -> bool:
        item = self._items.get(name.lower())
        if item is None or item.amount < amount:
            return False
        item.amount -= amount
        if item.amount == 0:
            del self._items[name.lower()]
        return True

    def total(self) -> float:
        return sum(i.worth for i in self)


stock = Stock()
stock.add(Item(1.5, "Peas", amount=40, tags=["green", "climbing"]))
stock.add(Item(12.0, "Spade", Kind.TOOL, 3))
stock.add(Item(0.8, "Pot", Kind.POT, 120, ["clay"]))
stock.add(Item(1.5, "peas", amount=10))
stock.add(Item(2.25, "Sweetcorn", tags=["tall", "climbing"], amount=8))

print(len(stock), "PEAS" in stock, "hose" in stock)
for item in sorted(stock):
    print(item)
for kind in Kind:
    found = stock.find(kind=kind)
    print(f"{kind.label():<6}: {', '.join(i.name for i in found) or '-'} ({kind.value})")
print([i.name for i in stock.find(tag="climbing")])
print(stock.remove("Spade", 3), stock.remove("Spade"), stock.remove("Pot", 500))
print(f"{stock.total():.2f}", stock["peas"].worth)
print(Item(1, "a") == Item(1, "b"), Item(1, "a") < Item(2, "a"))
print(Kind["TOOL"], Kind(3), Kind.SEED.name, repr(Kind.POT))
print(max(stock, key=lambda i: i.worth).name)
