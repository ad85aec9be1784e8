# Student data
def stats(numbers):
    total = 0
    for n in numbers: total += n
    mean = total / len(numbers)
    var = sum((n - mean) ** 2 for n in numbers) / (len(numbers) - 1)
    return mean, var ** 0.5
data = [12, 15, 11, 19, 14, 18]
m, sd = stats(data)
print("mean: %.3f, sd: %.3f" % (m, sd))
data.sort(reverse=True)
median = (data[len(data)//2] + data[~(len(data)//2)]) / 2
print('median', median)
hist = {}
for d in data:
    bucket = d // 5 * 5
    hist[bucket] = hist.get(bucket, 0) + 1
for k in sorted(hist):
    print(f"{k:>3}-{k+4:<3} {'#' * hist[k]}")
low, *mid, high = sorted(data)
print(low, mid, high)
print(", ".join(map(str, data)), end=".\n")
def bubble(a):
    a = a[:]
    swaps = 0
    for i in range(len(a) - 1, 0, -1):
        for j in range(i):
            if a[j] > a[j+1]:
                a[j], a[j+1] = a[j+1], a[j]
                swaps += 1
    return a, swaps
print(*bubble(data))
text = """Roses are red,
violets are blue"""
for number, line in enumerate(text.splitlines(), 1):
    print(number, line.strip().capitalize(), len(line.split()))
vowels = sum(1 for c in text.lower() if c in "aeiou")
print(f"{vowels=}", text.title().swapcase()[:10], text.find("red"), text.index("blue"))
print([x for x in range(50) if x % 3 == 0 if x % 5], {c for c in "aab"} == {"a", "b"})
nested = [[i * j for j in range(1, 4)] for i in range(1, 4)]
for r in nested: print(*(f"{v:3}" for v in r))
print(max(nested, key=sum), min(len(w) for w in text.split()))
print(isinstance(3, int), type(3.0).__name__, bool(""), int("1010", 2), chr(ord("a") + 1), abs(-3), pow(2, 5), divmod(17, 5))
