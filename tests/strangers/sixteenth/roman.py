NUMERALS = [(1000, "M"), (900, "CM"), (500, "D"), (400, "CD"), (100, "C"), (90, "XC"),
            (50, "L"), (40, "XL"), (10, "X"), (9, "IX"), (5, "V"), (4, "IV"), (1, "I")]
VALUES = dict(zip("IVXLCDM", (1, 5, 10, 50, 100, 500, 1000)))


def to_roman(number):
    if not 0 < number < 4000:
        raise ValueError(f"{number} is out of range")
    result = ""
    for value, numeral in NUMERALS:
        count, number = divmod(number, value)
        result += numeral * count
    return result


def from_roman(text):
    total = previous = 0
    for letter in reversed(text.upper()):
        value = VALUES[letter]
        total += value if value >= previous else -value
        previous = max(previous, value)
    return total


for n in (1, 4, 9, 14, 40, 99, 1994, 2024, 3999):
    r = to_roman(n)
    assert from_roman(r) == n, "round trip"
    print(f"{n:>5} = {r:<12}|")
for bad in (0, 4000):
    try:
        to_roman(bad)
    except ValueError as error:
        print("Error:", error)
try:
    print(from_roman("XIZ"))
except KeyError as missing:
    print("Unknown numeral", missing)
