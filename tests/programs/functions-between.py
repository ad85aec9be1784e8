# Functions between the rows of the script, one called above its definition by another.
print("Beds of the day")
total = 0


def plant(number, row=1):
    global total
    total += number
    note(f"planted {number} in row {row}")


def note(text):
    print("-", text)


def weight(number):
    if number < 2:
        return 0.5
    return number * 0.25 + weight(number - 2)


plant(4)
plant(3, 2)
print(total, weight(total))


def longest(names):
    best = ""
    for name in names:
        if len(name) > len(best):
            best = name
    return best


print(longest(["sage", "marigold", "thyme"]))
