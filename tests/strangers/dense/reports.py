

def average(*numbers):
    return sum(numbers) / len(numbers) if numbers else 0
def grade(score):
    for limit, letter in ((90, "A"), (80, "B"), (70, "C")):
        if score >= limit:
            return letter
    else:
        return "F"
records = [("Fay", 91, 85), ("Moss", 70, 64), ("Ivy", 88, 90)]
best = max(records, key=lambda r: average(*r[1:]))
print(f"{'Name':10}{'Avg':>6}  Grade")
for name, *marks in records:
    avg = average(*marks)
    print(f"{name:10}{avg:6.1f}  {grade(avg)}")
print("Best:", best[0])
data = {}
for name, *marks in records:
    data.setdefault(grade(average(*marks)), []).append(name)
for letter in sorted(data):
    print(letter, "->", ", ".join(data[letter]))
matrix = [[r * c for c in range(1, 6)] for r in range(1, 6)]
print("\n".join(" ".join(f"{v:3d}" for v in row) for row in matrix))
flat = sum(matrix, [])
print(len(flat), flat.count(4), sum(flat), [v for v in flat if v % 7 == 0])
evens = list(filter(lambda v: v % 2 == 0, range(10))); odds = [v for v in range(10) if v not in evens]
print(evens, odds, list(zip(evens, odds))[:2])
word = "programming"
seen = set(); dup = []
for ch in word:
    if ch in seen and ch not in dup: dup.append(ch)
    seen.add(ch)
print(dup, "".join(sorted(set(word))), word.title(), word.center(21, "*"), word.partition("gram"))
n = 1234
total = 0
while n:
    n, d = divmod(n, 10)
    total += d
print(total, str(1234)[::-1], sum(map(int, str(1234))), [int(c) ** 2 for c in "1234"])
print(any(c.isdigit() for c in "abc1"), all(c.isalpha() for c in "abc"), "a1".isalnum(), "  ".isspace(), "Ab".islower())
print("line1\nline2".splitlines(), "x=1;y=2".split(";"), dict(p.split("=") for p in "x=1;y=2".split(";")))
try:
    int("abc")
except ValueError as err:
    print("ValueError:", err)
try:
    [1, 2][5]
except IndexError as err:
    print(type(err).__name__, err)
try:
    {"a": 1}["b"]
except KeyError as err:
    print("KeyError", err)
try:
    "a" + 1
except TypeError as err:
    print(err)
try:
    raise AttributeError("none")
except AttributeError as err:
    print(err)
