#!/usr/bin/env python3
"""Seed bank: a small inventory with a menu driven by a dispatch table."""
import sys
from datetime import date, timedelta
from typing import Dict, List, Optional, Tuple

STOCK: Dict[str, int] = {"pea": 12, "leek": 5, "kale": 0}
LOG: List[Tuple[str, int]] = []


class OutOfStock(Exception):
    def __init__(self, name: str, wanted: int, left: int = 0) -> None:
        super().__init__(f"{name}: wanted {wanted}, only {left} left")
        self.name = name
        self.wanted = wanted


def take(name: str, count: int = 1) -> int:
    left = STOCK.get(name)
    if left is None:
        raise KeyError(name)
    if left < count:
        raise OutOfStock(name, count, left)
    STOCK[name] -= count
    LOG.append((name, -count))
    return STOCK[name]


def give(name: str, count: int = 1) -> int:
    STOCK.setdefault(name, 0)
    STOCK[name] += count
    LOG.append((name, count))
    return STOCK[name]


COMMANDS = {"take": take, "give": give}


def run(line: str) -> Optional[int]:
    parts = line.split()
    if not parts:
        return None
    command, *rest = parts
    action = COMMANDS.get(command.lower())
    if action is None:
        print(f"unknown command: {command!r}")
        return None
    name = rest[0] if rest else ""
    count = int(rest[1]) if len(rest) > 1 else 1
    return action(name, count)


def main(argv=None):
    for line in ["take pea 3", "give beet", "take kale", "take onion 2", "", "dig hole", "give leek x"]:
        try:
            result = run(line)
        except OutOfStock as error:
            print("Sorry -", error, "|", error.name, error.wanted)
        except KeyError as error:
            print("No such seed:", error)
        except ValueError as error:
            print("Bad number:", error)
        else:
            if result is not None:
                print(f"{line:<12}-> {result:>3}")
        finally:
            pass
    print("-" * 20)
    for name, change in LOG:
        print(f"{name:>8} {change:+d}")
    total = sum(change for _, change in LOG)
    print(f"{'total':>8} {total:+d}")
    best = max(STOCK, key=STOCK.get)
    print(best, sorted(STOCK.items(), key=lambda kv: (-kv[1], kv[0])))
    return 0


if __name__ == "__main__":
    sys.exit(main())
