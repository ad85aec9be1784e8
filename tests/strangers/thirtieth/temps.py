#!/usr/bin/env python3
# -*- coding: utf-8 -*-
"""Weather diary: reads days from text, prints a small report."""

DATA = """\
Mon;12.5;18.0;0
Tue;11.0;16.5;4.2
Wed;;15.0;10
Thu;9.5;14;0.0
Fri;8;twelve;1
Sat;10.0;17.5;0
"""


def parse(text):
    days, errors = [], []
    for lineno, line in enumerate(text.splitlines(), start=1):
        try:
            name, low, high, rain = line.split(";")
            days.append(dict(name=name, low=float(low), high=float(high), rain=float(rain)))
        except ValueError as exc:
            errors.append((lineno, str(exc)))
    return days, errors


def mean(values):
    values = list(values)
    return sum(values) / len(values) if values else float("nan")


def bar(value, scale=1, char="▇"):
    return char * int(round(value / scale))


def main():
    days, errors = parse(DATA)
    width = max(len(d["name"]) for d in days)
    for d in days:
        span = d["high"] - d["low"]
        print("{name:>{w}} {low:5.1f} {high:5.1f} {bar}".format(w=width, bar=bar(span), **d))
    print("-" * 20)
    print(f"mean high {mean(d['high'] for d in days):.2f}, rain {sum(d['rain'] for d in days)} mm")
    wettest = max(days, key=lambda d: d["rain"])
    dry = [d["name"] for d in days if not d["rain"]]
    print("wettest:", wettest["name"], "| dry:", ", ".join(dry) or "none")
    changes = [(b["name"], round(b["high"] - a["high"], 1)) for a, b in zip(days, days[1:])]
    for name, change in sorted(changes, key=lambda c: c[1]):
        print(f"{name} {change:+}")
    for lineno, message in errors:
        print(f"line {lineno}: {message}")


main()
