def is_leap(year: int) -> bool:
    return year % 4 == 0 and (year % 100 != 0 or year % 400 == 0)


def days_in(month: int, year: int) -> int:
    if month == 2:
        return 29 if is_leap(year) else 28
    return 30 if month in (4, 6, 9, 11) else 31


def day_of_year(day: int, month: int, year: int) -> int:
    return sum(days_in(m, year) for m in range(1, month)) + day


def test_leap():
    assert is_leap(2000)
    assert not is_leap(1900)
    assert is_leap(2024)


def test_days():
    assert days_in(2, 2023) == 28
    assert day_of_year(31, 12, 2024) == 366, "a leap year has 366 days"


def main():
    test_leap()
    test_days()
    for date in [(1, 1, 2023), (1, 3, 2024), (31, 12, 2023)]:
        print("{0}.{1}.{2}: {3}".format(*date, day_of_year(*date)))


if __name__ == "__main__":
    main()
