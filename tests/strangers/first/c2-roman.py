VALUES = ((1000, "M"), (900, "CM"), (500, "D"), (400, "CD"), (100, "C"), (90, "XC"),
          (50, "L"), (40, "XL"), (10, "X"), (9, "IX"), (5, "V"), (4, "IV"), (1, "I"))


def to_roman(number):
    if not 0 < number < 4000:
        raise ValueError("number must be between 1 and 3999")
    result = ""
    for value, sign in VALUES:
        count, number = divmod(number, value)
        result += sign * count
    return result


def from_roman(text):
    values = {"I": 1, "V": 5, "X": 10, "L": 50, "C": 100, "D": 500, "M": 1000}
    total = 0
    for here, after in zip(text, text[1:] + " "):
        value = values[here]
        total += -value if value < values.get(after, 0) else value
    return total


def main():
    for number in (1, 4, 9, 14, 40, 90, 400, 1994, 2026, 3999):
        roman = to_roman(number)
        assert from_roman(roman) == number
        print(f"{number:>4} = {roman}")
    try:
        to_roman(0)
    except ValueError as problem:
        print("Problem:", problem)


main()
