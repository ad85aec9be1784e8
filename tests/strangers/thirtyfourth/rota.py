"""Timetable of the watering team.

Everything sits in functions; main() is called at the end.
"""

DAYS = ("Mon", "Tue", "Wed", "Thu", "Fri")
TEAM = ["Ada", "Bo", "Cy"]


def make_rota(days, team, start=0):
    """Return a dict day -> person."""
    rota = {}
    for i, day in enumerate(days, start=start):
        rota[day] = team[i % len(team)]
    return rota


def print_rota(rota, *, title="Rota"):
    width = max(len(title), *(len(d) + len(p) + 2 for d, p in rota.items()))
    print("+" + "-" * (width + 2) + "+")
    print("| " + title.center(width) + " |")
    print("+" + "-" * (width + 2) + "+")
    for day, person in rota.items():
        entry = "{}: {}".format(day, person)
        print("| " + entry.ljust(width) + " |")
    print("+" + "-" * (width + 2) + "+")


def count_turns(rota):
    turns = dict.fromkeys(TEAM, 0)
    for person in rota.values():
        turns[person] += 1
    return turns


def swap(rota, first, second):
    if first not in rota or second not in rota:
        raise KeyError(f"no such day: {first if first not in rota else second}")
    rota[first], rota[second] = rota[second], rota[first]


def main():
    rota = make_rota(DAYS, TEAM)
    print_rota(rota)
    swap(rota, "Mon", "Fri")
    print_rota(rota, title="After the swap of Monday and Friday")
    try:
        swap(rota, "Sun", "Fri")
    except KeyError as e:
        print("Cannot swap:", e)
    for person, n in sorted(count_turns(rota).items(), key=lambda item: item[1], reverse=True):
        print(f"{person!r} waters {n} time{'s' if n != 1 else ''}")
    print(make_rota(DAYS[:2], TEAM, start=2))


if __name__ == "__main__":
    main()
