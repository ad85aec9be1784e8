#!/usr/bin/env python3
"""A small world of weeds: cells that live and die by their neighbours."""
import os

WIDTH = 8
HEIGHT = 6
ALIVE, DEAD = "#", "."


def make_world(pattern):
    rows = pattern.strip("\n").split("\n")
    return [[ch == ALIVE for ch in row.ljust(WIDTH, DEAD)] for row in rows]


def neighbours(world, row, col):
    count = 0
    for dr in (-1, 0, 1):
        for dc in (-1, 0, 1):
            if dr == dc == 0:
                continue
            r, c = (row + dr) % HEIGHT, (col + dc) % WIDTH
            count += world[r][c]
    return count


def step(world):
    new = [[False] * WIDTH for _ in range(HEIGHT)]
    for r in range(HEIGHT):
        for c in range(WIDTH):
            n = neighbours(world, r, c)
            new[r][c] = n == 3 or (world[r][c] and n == 2)
    return new


def show(world):
    for row in world:
        print("".join(ALIVE if cell else DEAD for cell in row))


start = """
........
..#.....
...#....
.###....
........
........
"""

world = make_world(start)
generation = 0
seen = set()
while True:
    key = tuple(tuple(row) for row in world)
    if key in seen or generation >= 4:
        break
    seen.add(key)
    print("Generation", generation, "alive:", sum(map(sum, world)))
    show(world)
    print()
    world = step(world)
    generation += 1
print("Stopped after %d generations, %d kinds seen" % (generation, len(seen)))
