import heapq
from heapq import heappush, heappop, heapify

jobs = []
for rank, what in [(3, "water"), (1, "sow"), (2, "weed"), (1, "rake"), (5, "rest"), (0, "wake")]:
    heapq.heappush(jobs, (rank, what))
    print(jobs)
while jobs:
    print(heapq.heappop(jobs), len(jobs))
tall = [9, 4, 7, 1, 8, 2, 6, 3, 5, 0]
heapify(tall)
print(tall)
heappush(tall, 4)
print(heappop(tall), tall)
print([heappop(tall) for _ in range(3)], tall)
graph = {"a": {"b": 4, "c": 1}, "b": {"d": 1}, "c": {"b": 2, "d": 5}, "d": {}}
far = {"a": 0}
todo = [(0, "a")]
while todo:
    d, at = heappop(todo)
    if d > far[at]:
        continue
    for to, step in graph[at].items():
        if d + step < far.get(to, float("inf")):
            far[to] = d + step
            heappush(todo, (far[to], to))
print(far)
try:
    heappop([])
except IndexError as e:
    print("empty:", e)
class Job:
    def __init__(self, rank, name):
        self.rank = rank
        self.name = name
    def __lt__(self, other):
        return self.rank < other.rank
class Queue:
    def __init__(self):
        self._heap = []
        self._count = 0
    def add(self, job):
        heapq.heappush(self._heap, (job.rank, self._count, job.name))
        self._count += 1
    def take(self):
        return heapq.heappop(self._heap)[-1]
    def __len__(self):
        return len(self._heap)
q = Queue()
for r, n in [(2, "weed"), (1, "sow"), (2, "rake")]:
    q.add(Job(r, n))
while q:
    print(q.take())
jobs = []
heapq.heappush(jobs, Job(3, "x")); heapq.heappush(jobs, Job(1, "y"))
first = heapq.heappop(jobs)
print(first.name, jobs[0].name)
neg = []
for n in (3, 9, 5):
    heapq.heappush(neg, -n)
print(-heapq.heappop(neg), -neg[0])
heap = [(5, "a"), (2, "b")]
heapq.heapify(heap)
cost, name = heapq.heappop(heap)
print(cost, name, heap)
print(heapq.nlargest(2, [1, 5, 3]), heapq.nsmallest(9, [4, 2]), heapq.nsmallest(0, [1]))
class Bad:
    def __lt__(self, other):
        print("asked")
        return 1 / 0
h = [Bad()]
try:
    heapq.heappush(h, Bad())
except ZeroDivisionError:
    print(len(h))
n = -1
print(heapq.nlargest(n, [1, 2, 3]), heapq.nsmallest(-2, [1]), heapq.nlargest(n + 3, [1, 2, 3]))
