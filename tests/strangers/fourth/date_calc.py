def is_leap(year: int) -> bool:
    """Return True for leap years.

    >>> is_leap(2000)
    True
    """
    return year % 4 == 0 and (year % 100 != 0 or year % 400 == 0)

DAYS = (31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31)
NAMES = "Mon Tue Wed Thu Fri Sat Sun".split()

def day_number(d, m, y):
    return sum(365 + is_leap(k) for k in range(1, y)) + sum(DAYS[:m - 1]) + (m > 2 and is_leap(y)) + d

def calendar(m, y):
    first = (day_number(1, m, y) - 1) % 7
    last = DAYS[m - 1] + (m == 2 and is_leap(y))
    print(*NAMES)
    print("    " * first, end="")
    for d in range(1, last + 1):
        print(f"{d:3d}", end=" " if (first + d) % 7 else "\n")
    print()

calendar(2, 2024)
day, month, year = map(int, input("date d/m/y: ").split("/"))
print(NAMES[(day_number(day, month, year) - 1) % 7], f"{year:04}-{month:02}-{day:02}")
if __name__ == "__main__":
    total = 0
    for y in range(1901, 2001):
        for m in range(1, 13):
            total += (day_number(1, m, y) - 1) % 7 == 6
    print("Sundays:", total)
