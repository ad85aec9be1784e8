DAYS = ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"]
MONTHS = "January February March April May June July August September October November December".split()

def is_leap(year):
    return year % 4 == 0 and (year % 100 != 0 or year % 400 == 0)

def days_in(month, year):
    if month == 2:
        return 29 if is_leap(year) else 28
    return 30 if month in {4, 6, 9, 11} else 31

def weekday(d, m, y):
    if m < 3:
        m += 12
        y -= 1
    k, j = y % 100, y // 100
    return (d + 13 * (m + 1) // 5 + k + k // 4 + j // 4 + 5 * j + 5) % 7

def valid(d, m, y):
    return 1 <= m <= 12 and 1 <= d <= days_in(m, y)

def parse(text):
    parts = text.split("/")
    if len(parts) != 3 or not all(p.isdigit() for p in parts):
        raise ValueError("not a date: " + text)
    d, m, y = map(int, parts)
    if not valid(d, m, y):
        raise ValueError(f"no such day: {d:02}/{m:02}/{y:04}")
    return d, m, y

def day_number(d, m, y):
    return sum(days_in(i, y) for i in range(1, m)) + d

def calendar(m, y):
    print(f"{MONTHS[m-1]} {y}".center(20).rstrip())
    print(" ".join(day[:2] for day in DAYS))
    first = weekday(1, m, y)
    print("   " * first, end="")
    for d in range(1, days_in(m, y) + 1):
        print(f"{d:2}", end="\n" if (first + d) % 7 == 0 or d == days_in(m, y) else " ")

calendar(2, 2024)
calendar(9, 2025)
for text in ["29/02/2024", "29/2/2023", "1/13/2000", "x/1/2000", "31/12/1999"]:
    try:
        date = parse(text)
    except ValueError as e:
        print(e)
    else:
        print(date, DAYS[weekday(*date)], day_number(*date))

def duration(seconds):
    minutes, s = divmod(seconds, 60)
    hours, m = divmod(minutes, 60)
    days, h = divmod(hours, 24)
    units = [(days, "day"), (h, "hour"), (m, "minute"), (s, "second")]
    parts = [f"{n} {u}{'s' * (n != 1)}" for n, u in units if n]
    if not parts: return "now"
    return ", ".join(parts[:-1]) + (" and " if len(parts) > 1 else "") + parts[-1]

for n in (0, 1, 62, 3600, 90061, 12345678):
    print(n, duration(n))
fridays = [(m, y) for y in range(2023, 2026) for m in range(1, 13) if weekday(13, m, y) == 4]
print(fridays)
