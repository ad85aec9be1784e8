#!/usr/bin/env python3
"""Seed ledger: a menu driven program (non-interactive self test)."""
from __future__ import annotations
from dataclasses import dataclass, field
from typing import Iterable, Optional
import sys

@dataclass(order=True)
class Packet:
    name: str
    count: int = 0
    tags: list[str] = field(default_factory=list)

    def __str__(self) -> str:
        return f"{self.name:<10}|{self.count:>4}|{', '.join(sorted(self.tags)) or '-'}"

    @property
    def empty(self) -> bool:
        return self.count == 0

    @classmethod
    def parse(cls, line: str) -> "Packet":
        name, count, *tags = line.split(";")
        return cls(name.strip(), int(count), [t.strip() for t in tags if t.strip()])

class Ledger:
    def __init__(self, packets: Iterable[Packet] = ()):
        self._packets = {p.name: p for p in packets}

    def __len__(self): return len(self._packets)
    def __iter__(self): return iter(sorted(self._packets.values()))
    def __contains__(self, name): return name in self._packets
    def __getitem__(self, name): return self._packets[name]

    def take(self, name: str, n: int = 1) -> Optional[Packet]:
        try:
            p = self._packets[name]
        except KeyError:
            return None
        if p.count < n:
            raise ValueError(f"only {p.count} of {name!r} left, {n} wanted")
        p.count -= n
        return p

LINES = """
pea; 12; climber; spring
bean;3;climber
kale; 0; winter ;frost
""".strip().splitlines()

def main() -> int:
    ledger = Ledger(Packet.parse(l) for l in LINES)
    print(len(ledger), "pea" in ledger, "rose" in ledger)
    for p in ledger:
        print(p, "(empty)" if p.empty else "")
    for name, n in [("pea", 5), ("bean", 4), ("rose", 1)]:
        try:
            got = ledger.take(name, n)
        except ValueError as err:
            print("!!", err, file=sys.stderr)
            print("refused")
        else:
            print("none" if got is None else got)
        finally:
            print("-" * 8)
    total = sum(p.count for p in ledger)
    print(f"{total=}", f"{total / len(ledger):.2f}", f"{total:05d}", f"{total!r:>6}")
    print(max(ledger, key=lambda p: p.count).name, min(ledger).name)
    return 0

if __name__ == "__main__":
    sys.exit(main())
