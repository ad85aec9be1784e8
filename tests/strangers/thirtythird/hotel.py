"""Insect hotel: who sleeps where tonight?"""
from collections import defaultdict, namedtuple
from itertools import chain, groupby, islice, count

Guest = namedtuple("Guest", ["name", "legs", "room"])

GUESTS = [
    Guest("mason bee", 6, 3),
    Guest("ladybird", 6, 1),
    Guest("spider", 8, 3),
    Guest("lacewing", 6, 2),
    Guest("woodlouse", 14, 1),
    Guest("earwig", 6, 3),
]


def by_room(guests):
    rooms = defaultdict(list)
    for g in guests:
        rooms[g.room].append(g)
    return dict(sorted(rooms.items()))


def show(rooms):
    for number, inside in rooms.items():
        names = ", ".join(sorted(g.name for g in inside))
        total = sum(g.legs for g in inside)
        print(f"room {number:>2}: {names:<32}|{total:4d} legs")


def oldest(guests, *, key=lambda g: g.legs, reverse=False):
    return sorted(guests, key=key, reverse=reverse)[0]


rooms = by_room(GUESTS)
show(rooms)
print(oldest(GUESTS, reverse=True).name)
print(oldest(GUESTS, key=lambda g: (len(g.name), g.name)).name)
moved = [g._replace(room=4) if g.legs > 6 else g for g in GUESTS]
show(by_room(moved))
print(GUESTS[0])
print(GUESTS[0]._asdict())
name, legs, _ = GUESTS[1]
print(name, legs)
for legs, group in groupby(sorted(GUESTS, key=lambda g: g.legs), key=lambda g: g.legs):
    print(legs, [g.name for g in group])
print(list(islice(count(10, 5), 4)))
print(list(chain.from_iterable([[1, 2], [3], []])))
print(max(rooms, key=lambda r: len(rooms[r])))
print({r: len(v) for r, v in rooms.items() if len(v) > 1})
