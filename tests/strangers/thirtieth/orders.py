"""Order desk of the Fernhollow garden shop.

Reads commands from standard input until 'quit'.
"""
from __future__ import annotations

import sys
from collections import defaultdict, OrderedDict
from dataclasses import dataclass, field
from typing import Dict, List, Optional


class OutOfStock(Exception):
    """Raised when there's not enough left of an article."""

    def __init__(self, article: str, wanted: int, left: int) -> None:
        super().__init__(f"only {left} of {article!r} left, {wanted} wanted")
        self.article = article
        self.missing = wanted - left


@dataclass(order=True)
class Article:
    name: str
    price: float = field(compare=False)
    stock: int = field(default=0, compare=False)

    @property
    def worth(self) -> float:
        return self.price * self.stock


@dataclass
class Order:
    number: int
    customer: str
    lines: List[tuple] = field(default_factory=list)

    def add(self, article: Article, amount: int) -> None:
        if amount > article.stock:
            raise OutOfStock(article.name, amount, article.stock)
        article.stock -= amount
        self.lines.append((article, amount))

    def total(self) -> float:
        return sum(a.price * n for a, n in self.lines)


class Shop:
    _next = 1

    def __init__(self) -> None:
        self.articles: Dict[str, Article] = {}
        self.orders: "OrderedDict[int, Order]" = OrderedDict()

    def stock(self, name: str, price: float, amount: int = 1) -> Article:
        article = self.articles.setdefault(name, Article(name, price))
        article.stock += amount
        return article

    def order(self, customer: str) -> Order:
        o = Order(Shop._next, customer)
        Shop._next += 1
        self.orders[o.number] = o
        return o

    def by_customer(self) -> Dict[str, float]:
        sums: Dict[str, float] = defaultdict(float)
        for o in self.orders.values():
            sums[o.customer] += o.total()
        return dict(sums)


def main() -> int:
    shop = Shop()
    current: Optional[Order] = None
    for number, raw in enumerate(sys.stdin, start=1):
        words = raw.split()
        if not words or words[0].startswith("#"):
            continue
        command, *rest = words
        try:
            if command == "stock":
                name, price, amount = rest
                shop.stock(name, float(price), int(amount))
            elif command == "order":
                current = shop.order(" ".join(rest))
            elif command == "take":
                if current is None:
                    raise RuntimeError("no order open")
                name, amount = rest[0], int(rest[1])
                current.add(shop.articles[name], amount)
            elif command == "quit":
                break
            else:
                print(f"line {number}: what is {command!r}?", file=sys.stderr)
        except OutOfStock as error:
            print(f"line {number}: {error} ({error.missing} missing)")
        except KeyError as error:
            print(f"line {number}: unknown article {error}")
        except (ValueError, RuntimeError) as error:
            print(f"line {number}: {type(error).__name__}: {error}")
    for o in shop.orders.values():
        print(f"{o.number:03d} {o.customer:<12}{o.total():>9.2f}")
        for a, n in o.lines:
            print(f"    {n:>3} x {a.name}")
    print(shop.by_customer())
    for a in sorted(shop.articles.values()):
        print(f"{a.name:.<10}{a.stock:>4} {a.worth:8.2f}")
    return 0


if __name__ == "__main__":
    sys.exit(main())
