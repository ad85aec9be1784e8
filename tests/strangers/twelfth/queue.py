import heapq
from collections import deque, defaultdict, Counter
from functools import reduce
import itertools

jobs = []
heapq.heappush(jobs, (3, "water"))
heapq.heappush(jobs, (1, "sow"))
heapq.heappush(jobs, (2, "weed"))
while jobs:
    rank, what = heapq.heappop(jobs)
    print(rank, what)

graph = {"gate": ["pond", "shed"], "pond": ["rose"], "shed": ["rose", "yard"], "rose": [], "yard": []}
seen, todo = {"gate"}, deque(["gate"])
while todo:
    at = todo.popleft()
    for to in graph[at]:
        if to not in seen:
            seen.add(to)
            todo.append(to)
print(sorted(seen), len(seen))

def dfs(node, path=()):
    path = path + (node,)
    if not graph[node]:
        yield path
    for to in graph[node]:
        yield from dfs(to, path)

for p in dfs("gate"):
    print(" -> ".join(p))

groups = defaultdict(list)
for w in ["pea", "bean", "leek", "beet", "kale"]:
    groups[len(w)].append(w)
print(dict(groups))
print(Counter("mississippi").most_common(2))
print(reduce(lambda x, y: x * y, range(1, 6)))
print(list(itertools.accumulate([1, 2, 3])), list(itertools.combinations("abc", 2))[:2])

def countdown(n):
    while n > 0:
        yield n
        n -= 1

print(list(countdown(3)), sum(countdown(4)))
gen = countdown(2)
print(next(gen), next(gen), next(gen, "done"))
fib = lambda n: n if n < 2 else fib(n - 1) + fib(n - 2)
print([fib(k) for k in range(10)])
