"""Seed shop till.

A small till for the seed shop of the garden school.
"""
import sys
from dataclasses import dataclass, field
from typing import Dict, List, Optional


@dataclass
class Line:
    name: str
    price: float
    amount: int = 1

    def total(self) -> float:
        return round(self.price * self.amount, 2)


@dataclass
class Receipt:
    lines: List[Line] = field(default_factory=list)
    discount: float = 0.0

    def add(self, name: str, price: float, amount: int = 1) -> None:
        for line in self.lines:
            if line.name == name:
                line.amount += amount
                return
        self.lines.append(Line(name, price, amount))

    @property
    def subtotal(self) -> float:
        return sum(line.total() for line in self.lines)

    @property
    def total(self) -> float:
        return round(self.subtotal * (1 - self.discount), 2)

    def __len__(self) -> int:
        return len(self.lines)

    def __str__(self) -> str:
        width = max((len(l.name) for l in self.lines), default=0)
        rows = [f"{l.name:<{width}} {l.amount:>3} x {l.price:>6.2f} = {l.total():>8.2f}" for l in self.lines]
        rows.append("-" * (width + 25))
        rows.append(f"{'TOTAL':<{width}} {self.total:>22.2f}")
        return "\n".join(rows)


PRICES: Dict[str, float] = {"bean": 1.25, "pea": 0.99, "rose": 4.5}


def price_of(name: str) -> Optional[float]:
    return PRICES.get(name.strip().lower())


def main() -> int:
    receipt = Receipt(discount=0.1)
    for order in ["bean:3", "Rose:1", "tulip:2", "pea: 10", "bean:2", "pea"]:
        name, _, amount = order.partition(":")
        price = price_of(name)
        if price is None:
            print(f"No such seed: {name!r}", file=sys.stderr)
            continue
        try:
            receipt.add(name.lower(), price, int(amount))
        except ValueError as error:
            print("Skipped:", error)
    print(receipt)
    print(len(receipt), "lines", "many" if len(receipt) > 2 else "few")
    return 0 if receipt.total > 10 else 1


if __name__ == "__main__":
    sys.exit(main())
