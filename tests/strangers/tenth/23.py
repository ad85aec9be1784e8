numbers = list(map(int, input("Numbers: ").split()))
n = len(numbers)
mean = sum(numbers) / n
ordered = sorted(numbers)
median = ordered[n // 2] if n % 2 else (ordered[n // 2 - 1] + ordered[n // 2]) / 2
mode = max(set(numbers), key=numbers.count)
variance = sum((x - mean) ** 2 for x in numbers) / n
print("mean   = %.2f" % mean)
print("median = {:.1f}".format(median))
print("mode   =", mode)
print(f"sd     = {variance ** 0.5:.3f}")
print("range  =", ordered[-1] - ordered[0])
histogram = {}
for x in numbers:
    histogram[x] = histogram.get(x, 0) + 1
for k in sorted(histogram.keys()):
    print(f"{k:3d} | {'*' * histogram[k]} ({histogram[k] / n:.0%})")
a, b = map(float, input().split())
op = input()
if op == '+': r = a + b
elif op == '-': r = a - b
elif op == '*': r = a * b
elif op == '/' and b != 0: r = a / b
else: r = None
print("result:", r)
rows = int(input())
matrix = []
for _ in range(rows):
    matrix.append([int(v) for v in input().split(",")])
print(matrix, [sum(r) for r in matrix], [max(c) for c in zip(*matrix)])
while True:
    line = input()
    if not line:
        break
    key, _, value = line.partition("=")
    print(key.strip(), "->", value.strip())
try:
    extra = input()
except EOFError:
    print("no more")
