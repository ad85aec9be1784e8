def roman(number):
    values = [1000, 900, 500, 400, 100, 90, 50, 40, 10, 9, 5, 4, 1]
    numerals = ["M", "CM", "D", "CD", "C", "XC", "L", "XL", "X", "IX", "V", "IV", "I"]
    result = ""
    i = 0
    while number > 0:
        for _ in range(number // values[i]):
            result += numerals[i]
            number -= values[i]
        i += 1
    return result

def from_roman(text):
    table = dict(I=1, V=5, X=10, L=50, C=100, D=500, M=1000)
    total, previous = 0, 0
    for ch in reversed(text):
        value = table[ch]
        total += value if value >= previous else -value
        previous = value
    return total

for n in range(1990, 1995): print(n, roman(n), from_roman(roman(n)))
print([roman(x) for x in (4, 9, 14, 40)], all(from_roman(roman(k)) == k for k in range(1, 200)))
