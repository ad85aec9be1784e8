#!/usr/bin/env python3
"""Seed orders of the Fernhollow shop, read from text lines."""

from collections import defaultdict, Counter
import sys


RAW = """\
# day; customer; seed; packets; price
1; Alder ; beans ; 3 ; 1.20
1; Birch ; peas  ; 2 ; 0.95
2; Alder ; carrots;10; 0.80
2; Cedar ; beans ; 1 ; 1.20
3; Birch ; kale  ; x ; 1.10
3; Cedar ; peas  ; 4 ; 0.95
"""


class OrderError(ValueError):
    def __init__(self, line_no, reason):
        super().__init__(f"line {line_no}: {reason}")
        self.line_no = line_no
        self.reason = reason


class Order:
    __slots__ = ("day", "customer", "seed", "packets", "price")

    def __init__(self, day, customer, seed, packets, price):
        self.day = day
        self.customer = customer
        self.seed = seed
        self.packets = packets
        self.price = price

    @classmethod
    def parse(cls, line, line_no):
        parts = [p.strip() for p in line.split(";")]
        if len(parts) != 5:
            raise OrderError(line_no, "wrong number of columns")
        day, customer, seed, packets, price = parts
        try:
            return cls(int(day), customer, seed, int(packets), float(price))
        except ValueError as exc:
            raise OrderError(line_no, "bad number") from exc

    @property
    def total(self):
        return self.packets * self.price

    def __repr__(self):
        return f"Order({self.day}, {self.customer!r}, {self.seed!r}, {self.packets}, {self.price})"


def read_orders(text):
    orders, errors = [], []
    for no, line in enumerate(text.splitlines(), start=1):
        if not line or line.startswith("#"):
            continue
        try:
            orders.append(Order.parse(line, no))
        except OrderError as e:
            errors.append(e)
    return orders, errors


def report(orders):
    by_customer = defaultdict(list)
    for o in orders:
        by_customer[o.customer].append(o)
    width = max(map(len, by_customer))
    for customer, theirs in sorted(by_customer.items(), key=lambda kv: -sum(o.total for o in kv[1])):
        amount = sum(o.total for o in theirs)
        print(f"{customer:<{width}} | {len(theirs):>2} orders | {amount:8.2f}")
    seeds = Counter()
    for o in orders:
        seeds[o.seed] += o.packets
    for seed, n in seeds.most_common(2):
        print("best:", seed, "x", n)
    print(f"{'TOTAL':-^30}")
    print("{:.2f}".format(sum(o.total for o in orders)))


def main():
    orders, errors = read_orders(RAW)
    report(orders)
    for e in errors:
        print("problem:", e, file=sys.stderr)
        print("skipped", e.line_no, "because of", e.reason)
    print(orders[0])
    print(orders[-2:])


if __name__ == "__main__":
    main()
