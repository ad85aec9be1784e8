#!/usr/bin/env python3
"""Fernhollow seed exchange - command interpreter."""
import sys
from collections import defaultdict, Counter, namedtuple
from dataclasses import dataclass, field
from typing import Dict, List, Optional

Offer = namedtuple("Offer", ["giver", "plant", "amount"])


@dataclass(order=True)
class Member:
    name: str
    points: int = 0
    history: List[str] = field(default_factory=list, compare=False)

    def log(self, message: str) -> None:
        self.history.append(message)

    @property
    def rank(self) -> str:
        return "gold" if self.points >= 10 else "silver" if self.points >= 5 else "bronze"


class Exchange:
    def __init__(self) -> None:
        self._members: Dict[str, Member] = {}
        self._offers: List[Offer] = []
        self.stats: Counter = Counter()

    def member(self, name: str) -> Member:
        if name not in self._members:
            self._members[name] = Member(name)
        return self._members[name]

    def offer(self, giver: str, plant: str, amount: str) -> str:
        try:
            n = int(amount)
        except ValueError as err:
            return f"bad amount: {err}"
        if n <= 0:
            return "amount must be positive"
        self._offers.append(Offer(giver, plant, n))
        self.member(giver).points += n
        self.member(giver).log(f"+{n} {plant}")
        self.stats[plant] += n
        return f"{giver} offers {n} {plant}"

    def take(self, taker: str, plant: str) -> str:
        found: Optional[Offer] = next((o for o in self._offers if o.plant == plant and o.giver != taker), None)
        if found is None:
            return f"no {plant} for {taker}"
        self._offers.remove(found)
        self.member(taker).log(f"-{found.amount} {plant}")
        return f"{taker} takes {found.amount} {plant} from {found.giver}"

    def report(self):
        for m in sorted(self._members.values(), reverse=True, key=lambda m: (m.points, m.name)):
            yield f"{m.name:<8}{m.points:>4} {m.rank:^8}|{'; '.join(m.history)}"


def main(argv=None):
    exchange = Exchange()
    commands = {"offer": exchange.offer, "take": exchange.take}
    for number, raw in enumerate(sys.stdin, start=1):
        line = raw.rstrip("\n")
        if not line or line.startswith("#"):
            continue
        verb, *args = line.split()
        if verb == "report":
            print(*exchange.report(), sep="\n")
        elif verb in commands:
            try:
                print(commands[verb](*args))
            except TypeError:
                print(f"line {number}: wrong number of words for {verb!r}")
        else:
            print(f"line {number}: unknown command {verb!r}", file=sys.stdout)
    print(exchange.stats.most_common(2))
    by_length = defaultdict(list)
    for plant in sorted(exchange.stats):
        by_length[len(plant)].append(plant)
    print(dict(by_length))
    return 0


if __name__ == "__main__":
    sys.exit(main())
