def stats(*numbers):
    if not numbers:
        return None
    return min(numbers), max(numbers), sum(numbers) / len(numbers)

print(stats())
low, high, mean = stats(3, 9, 6)
print(low, high, mean)

def greet(name, *, loud=False, times=1):
    text = f"Hello {name}"
    if loud:
        text = text.upper()
    for _ in range(times):
        print(text)

greet("Tansy")
greet("Moss", loud=True, times=2)

def describe(**facts):
    for key, value in facts.items():
        print(key, "->", value)

describe(height=12, colour="green")
first, *rest = [1, 2, 3, 4]
print(first, rest)
*start, last = "seed"
print(start, last)
