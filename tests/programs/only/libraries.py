import re, json, statistics, itertools, string, copy
from collections import Counter, defaultdict, deque
from functools import reduce
def command(text):
    match text.split():
        case ["go", direction]:
            return "walking " + direction
        case ["take", *things] if len(things) > 0:
            return "taking " + ", ".join(things)
        case ["quit"] | ["exit"]:
            return "bye"
        case []:
            return "nothing"
        case _:
            return "what?"
for t in ["go north", "take apple pear", "quit", "exit", "", "dance now", "take"]:
    print(command(t))
def kind(n):
    match n:
        case 0:
            return "zero"
        case 1 | 2 | 3:
            return "few"
        case x if x < 0:
            return f"negative {x}"
        case int():
            return "many"
        case str():
            return "text"
for n in [0, 2, -4, 99]:
    print(kind(n))
d = deque([1, 2, 3])
d.append(4); d.appendleft(0)
print(d, d.popleft(), d.pop(), len(d), list(d))
c = Counter("succession")
print(c, c.most_common(2), c["z"], sum(c.values()))
c.update("zz")
print(c["z"], dict(c))
g = defaultdict(list)
for w in ["bee", "bug", "ant"]:
    g[w[0]].append(w)
print(dict(g), g["q"], len(g), g)
print(re.findall(r"\d+", "a1b22"), re.sub(r"(\w+)@(\w+)", r"\2 at \1", "me@home"), re.split(r"[,;]\s*", "a, b;c"))
m = re.search(r"(\d+)-(\d+)", "bed 12-34")
if m:
    print(m.group(), m.group(1), m.groups(), m.start(), m.end())
print(re.match(r"b", "abc"), re.fullmatch(r"[a-z]+", "abc") is not None)
print(json.dumps({"a": [1, 2.5, None, True], "é": "x\"y"}), json.loads('[1, {"k": 2.0}]'))
print(json.dumps([1, {"a": []}], indent=2))
print(statistics.mean([1, 2, 3, 4]), statistics.median([3, 1, 2]), statistics.mode("aab"), statistics.pstdev([2, 4, 4, 4, 5, 5, 7, 9]), statistics.mean([0.1, 0.2, 0.3]), statistics.variance([1, 2, 3, 4]))
print(list(itertools.permutations("abc", 2)), list(itertools.combinations([1, 2, 3], 2)))
print(list(itertools.product([0, 1], "ab")), list(itertools.accumulate([1, 2, 3])), list(itertools.chain([1], [2, 3])))
print(string.digits, string.ascii_uppercase[:3], reduce(lambda a, b: a * b, [1, 2, 3, 4]), reduce(lambda a, b: a + b, [1], 10))
a = [[1], [2]]
b = copy.deepcopy(a)
e = copy.copy(a)
a[0].append(9)
print(a, b, e)
print("a-b-c".partition("-"), "%s is %5.1f" % ("x", 2.345), "%d%%" % 50)
pt = (3, 4)
print("%d, %d" % pt)
def count_up(n):
    i = 0
    while i < n:
        yield i
        i += 1
print(sum(count_up(5)), [x * x for x in count_up(4)])
for v in count_up(2):
    print("v", v)
