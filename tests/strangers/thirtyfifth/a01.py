#!/usr/bin/env python3
"""Watering plan for the Fernhollow beds."""
import sys
from datetime import date, timedelta

BEDS = {"Moss": 2, "Fern": 3, "Clover": 5}


def plan(start, days):
    rows = []
    for offset in range(days):
        day = start + timedelta(days=offset)
        todo = sorted(name for name, every in BEDS.items() if offset % every == 0)
        rows.append((day, todo))
    return rows


def main():
    start = date(2024, 2, 26)
    for day, todo in plan(start, 7):
        print(day.isoformat(), day.strftime("%a"), ", ".join(todo) or "-")
    print("days between:", (date(2024, 3, 10) - start).days)
    return 0


if __name__ == "__main__":
    sys.exit(main())
