#!/usr/bin/env python3
"""Seed swap: a small text menu that reads commands until 'quit'."""
import sys

stock = {"pea": 12, "bean": 7, "leek": 0}


def show():
    width = max(map(len, stock))
    for name, n in sorted(stock.items(), key=lambda p: (-p[1], p[0])):
        print(f"{name:<{width}} | {n:>4} | {'#' * n}")


def take(name, n):
    try:
        have = stock[name]
    except KeyError:
        print(f"no such seed: {name!r}", file=sys.stderr)
        return False
    if n > have:
        print("only", have, "left of", name)
        return False
    stock[name] -= n
    return True


def main(lines):
    for line in lines:
        match line.split():
            case []:
                continue
            case ["show"]:
                show()
            case ["take", name, n] if n.isdigit():
                print("ok" if take(name, int(n)) else "failed")
            case ["add", name, *rest]:
                stock[name] = stock.get(name, 0) + (int(rest[0]) if rest else 1)
            case ["quit" | "q"]:
                break
            case _:
                print("what?", line)
    else:
        print("ran out of lines")
    return 0


if __name__ == "__main__":
    sys.exit(main(["show", "take pea 5", "take leek 1", "", "add kale 4", "add pea", "take fig 2", "dig", "show", "q", "show"]))
