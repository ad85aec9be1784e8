from dataclasses import dataclass, field
from enum import Enum
from typing import List, Optional, Dict

class Size(Enum):
    SMALL = 1
    MEDIUM = 2
    LARGE = 3

@dataclass(order=True)
class Order:
    number: int
    customer: str = field(compare=False)
    items: Dict[str, int] = field(default_factory=dict, compare=False)
    size: Size = field(default=Size.SMALL, compare=False)

    PRICES = {"soil": 4.5, "pot": 2.25, "seed": 0.8}

    def total(self) -> float:
        return sum(self.PRICES[k] * n for k, n in self.items.items())

    def add(self, item: str, n: int = 1) -> None:
        if item not in Order.PRICES:
            raise LookupError(f"we do not sell {item}")
        self.items[item] = self.items.get(item, 0) + n

def largest(orders: List[Order]) -> Optional[Order]:
    if not orders:
        return None
    return max(orders, key=Order.total)

orders = [Order(3, "Bo"), Order(1, "Ada", size=Size.LARGE), Order(2, "Cy")]
orders[0].add("soil", 3)
orders[0].add("pot")
orders[1].add("seed", 10)
orders[1].add("pot", 2)
try:
    orders[2].add("gnome")
except LookupError as e:
    print(type(e).__name__, e)
for o in sorted(orders):
    print(o.number, o.customer, o.size.name, o.size.value, f"{o.total():8.2f}")
print(orders[2])
print(orders[0] == Order(3, "someone else"), orders[0] > orders[1])
best = largest(orders)
print(best.customer if best else "-", largest([]))
for s in Size:
    print(s, s.name.lower(), end="; ")
print(Size(2), Size["LARGE"] is Size.LARGE)
